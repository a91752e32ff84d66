import type { Schemas } from '../api'

/** A way to embed with what to do and what can go wrong. */
export interface Way {
  value: Schemas['SnippetWay']
  name: string
  steps: string[]
  pitfalls: string[]
}

const paste =
  'Open your page’s editor where it takes HTML (a field named HTML, code or embed) and paste it where the listing should stand.'
const publish = 'Save and publish the page, then come back and press “Check the page”.'

/** The ways, the usual one first. */
export const ways: Way[] = [
  {
    value: 'script',
    name: 'Script',
    steps: ['Copy the snippet.', paste, `${publish} Later changes here need no pasting again.`],
    pitfalls: [
      'Site builders that ask for two parts: copy the head part and the body part by themselves; the head part stands once on a page.',
      'With a Content-Security-Policy, allow Antiphon’s address in script-src and connect-src; no inline script or style is needed.',
    ],
  },
  {
    value: 'frame',
    name: 'Frame',
    steps: ['Copy the snippet.', paste, publish],
    pitfalls: [
      'For editors that strip scripts: without its last line the frame keeps a fixed height and scrolls.',
      'It does not take your page’s type and colours, and search engines count the entries for Antiphon’s address.',
    ],
  },
  {
    value: 'serverInclude',
    name: 'Server include',
    steps: [
      'Let your server ask for the address below and put the answer into the page, as in the examples.',
      'Keep the answer for a minute, and the last good one for when Antiphon cannot be reached.',
      publish,
    ],
    pitfalls: ['Send the ETag back as If-None-Match: an unchanged listing then costs an empty answer.'],
  },
  {
    value: 'static',
    name: 'Static',
    steps: ['Copy the snippet.', paste, `${publish} Paste it anew whenever the check calls it stale.`],
    pitfalls: ['It never changes by itself. Take it only where neither script nor frame is allowed.'],
  },
]
