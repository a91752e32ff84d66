import type { Schemas } from '../api'
import { t } from './texts'

/** A way to embed with what to do and what can go wrong. */
export interface Way {
  value: Schemas['SnippetWay']
  name: string
  steps: string[]
  pitfalls: string[]
}

const paste = t('pageEditorAddHtml')
const publish = t('savePublishPageThen')

/** The ways, the usual one first. */
export const ways: Way[] = [
  {
    value: 'script',
    name: t('scriptRecommended'),
    steps: [t('copySnippet2'), paste, t('publishLaterChangesHere', { publish })],
    pitfalls: [t('someSiteBuildersWant'), t('contentSecurityPolicyAllow')],
  },
  {
    value: 'frame',
    name: t('frameIframe'),
    steps: [t('copySnippet2'), paste, publish],
    pitfalls: [t('editorsStripScriptsWithout'), t('doesNotUsePages')],
  },
  {
    value: 'serverInclude',
    name: t('serverInclude'),
    steps: [t('haveServerFetchAddress'), t('keepAnswerMinuteLast'), publish],
    pitfalls: [t('sendEtagBackIf')],
  },
  {
    value: 'static',
    name: t('staticHtml'),
    steps: [t('copySnippet2'), paste, t('publishPasteAgainWhen', { publish })],
    pitfalls: [t('neverChangesByItself')],
  },
]
