/** The two voices of the frame. */
export const places = {
  going: [
    { name: 'Posts', path: 'posts' },
    { name: 'Listings', path: 'listings' },
    { name: 'Feeds', path: 'feeds' },
    { name: 'Channels', path: 'channels' },
  ],
  coming: [
    { name: 'Comments', path: 'comments' },
    { name: 'Mentions', path: 'mentions' },
    { name: 'Subscribers', path: 'readers' },
  ],
}
