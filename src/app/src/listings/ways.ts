import type { Schemas } from '../api'

/** A way to embed with what to do and what can go wrong. */
export interface Way {
  value: Schemas['SnippetWay']
  name: string
  steps: string[]
  pitfalls: string[]
}

const paste =
  'In your page editor, add an HTML, code or embed block where the listing should appear, and paste the snippet.'
const publish = 'Save and publish the page, then come back and press “Check the page”.'

/** The ways, the usual one first. */
export const ways: Way[] = [
  {
    value: 'script',
    name: 'Script (recommended)',
    steps: ['Copy the snippet.', paste, `${publish} Later changes here need no pasting again.`],
    pitfalls: [
      'Some site builders want two parts: head (once per page) and body. Copy them one by one.',
      'With a Content-Security-Policy, allow Antiphon’s address in script-src and connect-src; no inline script or style is needed.',
    ],
  },
  {
    value: 'frame',
    name: 'Frame (iframe)',
    steps: ['Copy the snippet.', paste, publish],
    pitfalls: [
      'For editors that strip scripts: without its last line the frame keeps a fixed height and scrolls.',
      'It does not use your page’s style, and search engines do not credit your page.',
    ],
  },
  {
    value: 'serverInclude',
    name: 'Server include',
    steps: [
      'Have your server fetch this address and insert the result. See examples.',
      'Keep the answer for a minute, and the last good one for when Antiphon cannot be reached.',
      publish,
    ],
    pitfalls: ['Send the ETag back as If-None-Match to save traffic.'],
  },
  {
    value: 'static',
    name: 'Static HTML',
    steps: ['Copy the snippet.', paste, `${publish} Paste it again when the check says it is out of date.`],
    pitfalls: ['It never changes by itself. Use it only where neither script nor frame is allowed.'],
  },
]
