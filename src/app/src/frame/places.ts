import { t } from './texts'

/** The two voices of the frame. */
export const places = {
  going: [
    { name: t('posts'), path: 'posts' },
    { name: t('listings'), path: 'listings' },
    { name: t('feeds'), path: 'feeds' },
    { name: t('channels'), path: 'channels' },
  ],
  coming: [
    { name: t('comments'), path: 'comments' },
    { name: t('mentions'), path: 'mentions' },
    { name: t('subscribers'), path: 'readers' },
  ],
}
