import type { Schemas } from '../api'
import { t } from './texts'
import { atStart, inSentence, listed } from '../texts'

/** Where a comment stands. */
export const standings: Record<Schemas['CommentStanding'], string> = {
  waiting: t('waiting'),
  public: t('published'),
  hidden: t('hidden'),
  spam: t('spam'),
  deleted: t('deleted'),
}

/** What happens to a comment that comes in. */
export const acts: Record<Schemas['CommentAct'], string> = {
  publish: t('publish'),
  wait: t('holdModeration'),
  spam: t('markSpam'),
  refuse: t('reject'),
}

/** What rules look at, with the word behind their number. */
export const conditions: Record<Schemas['RuleCondition'], { name: string; unit?: string; usual: number }> = {
  linksAtLeast: { name: t('numberLinksLeast'), unit: t('addresses'), usual: 2 },
  words: { name: t('containsAnyTheseWords'), usual: 0 },
  firstTimeWriter: { name: t('commenterHasNoPublished'), usual: 0 },
  trustedWriter: { name: t('commentersPublishedCommentsLeast'), unit: t('public2'), usual: 3 },
  scoreAtLeast: { name: t('spamScoreLeast'), unit: '%', usual: 98 },
  scoreBelow: { name: t('spamScoreBelow'), unit: '%', usual: 5 },
  repeatedText: { name: t('sameTextWithin24'), unit: t('times'), usual: 3 },
  sentWithin: { name: t('sentAfterOpeningForm'), unit: t('seconds'), usual: 3 },
  manyFromOnePlace: { name: t('commentsFromOneIp'), unit: t('comments2'), usual: 5 },
}

/** What a rule looks at, with its number or words in place. */
export function ruleInWords(rule: Schemas['CommentRule'], found?: string | null): string {
  const { name, unit } = conditions[rule.condition]
  if (rule.condition === 'words')
    return found
      ? t('holdsFound', { found })
      : `${name}: ${rule.words.slice(0, 4).join(', ')}${rule.words.length > 4 ? ' …' : ''}`
  return unit ? `${name} ${rule.number}${unit === '%' ? ' %' : ` ${unit}`}` : name
}

/** A score as people read it; never quite sure. */
export const percent = (score: number) =>
  score < 0.01 ? t('under1') : score > 0.99 ? t('over99') : `${Math.round(score * 100)}%`

/** What decided where a comment went. */
export function stepInWords(trace: Schemas['CommentTrace']): string {
  const { step, act, rule, found, facts } = trace
  if (step === 'rule' && rule) return t('ruleRule', { rule: inSentence(ruleInWords(rule, found)) })
  if (step === 'approval') return act === 'wait' ? t('noRuleMatchedHeld') : t('noRuleMatchedPublished')
  if (step === 'threshold') return t('spamScoreScoreAbove', { score: percent(facts.score ?? 0) })
  if (step === 'words') return t('holdsFound2', { found: found ?? '' })
  if (step === 'ban') return t('bannedFound', { found: found ?? '' })
  return {
    rule: t('aRule'),
    trap: t('filledHiddenTrapField'),
    trust: t('commenterTrusted'),
    flood: t('sentTooFastFlood'),
    unconfirmed: t('emailNotConfirmedYet'),
    picture: t('containsPicture'),
  }[step]
}

/** Why a comment waits, in the few words a list has room for. */
export function whyInShort(trace: Schemas['CommentTrace']): string {
  const { facts, step } = trace
  const what =
    step !== 'approval'
      ? step === 'rule' && trace.rule
        ? ruleInWords(trace.rule, trace.found)
        : stepInWords(trace)
      : facts.publishedBefore === 0
        ? facts.links
          ? t('firstTimeCommenterLink')
          : t('firstTimeCommenter')
        : facts.links
          ? t('links', { links: facts.links })
          : t('publishedbeforePublishedBefore', { publishedBefore: facts.publishedBefore })
  const score = facts.score === null || facts.score === undefined ? '' : t('spamScore', { score: percent(facts.score) })
  return atStart(what) + score
}

/** What readers report. */
export const reportReasons: Record<Schemas['ReportReason'], string> = {
  advertising: t('advertising'),
  hurtful: t('hurtful'),
  private: t('revealsPrivateInformation'),
  wrong: t('falseOffTopic'),
  other: t('somethingElse'),
}

const places: Record<Schemas['SignalKind'], string> = {
  word: t('theWord'),
  wordPair: t('theWords'),
  piece: t('letterSequence'),
  author: t('inTheName'),
  mail: t('emailAddress2'),
  site: t('commentersWebsite'),
  link: t('inALink'),
  shape: '',
  shapePair: '',
  likeness: '',
}

const traits: Record<string, string> = {
  link: t('aLink'),
  links: t('severalLinks'),
  markup: t('containsHtml'),
  site: t('hasWebsite'),
  'site-path': t('websiteLinkDeepLink'),
  short: t('shortText'),
  long: t('longText'),
  'no-mail': t('noEmailGiven2'),
  'mail-is-name': t('emailMatchesName'),
  'mail-digits': t('digitsEmailAddress'),
  'name-is-one-word': t('nameOneWord'),
  'name-in-lower-case': t('nameLowerCase'),
  'name-of-many-words': t('nameManyWords'),
  'name-has-digit': t('digitsName'),
  'name-in-site': t('nameAppearsWebsite'),
  question: t('aQuestion'),
  shout: t('mostlyCapitals'),
  exclaims: t('exclamationMarks'),
  trick: t('lookAlikeCharacters'),
  'other-script': t('differentWritingSystem'),
  number: t('longNumber'),
  'no-capital': t('noCapitals'),
  length: t('theLength'),
  words: t('numberWords'),
  addresses: t('numberLinks'),
  'address-share': t('ratioLinksWords'),
  'word-length': t('lengthWords'),
  capitals: t('shareCapitals'),
  digits: t('shareDigits'),
  punctuation: t('thePunctuation'),
  exclamations: t('exclamationMarks2'),
  questions: t('questionMarks'),
  lines: t('theLines'),
  pictures: t('emoji'),
  'other-letters': t('lettersOtherScripts'),
  money: t('currencySigns'),
  'like-none': t('likeNoEarlierComment'),
  'like-genuine': t('likeEarlierGoodComment'),
  'like-genuine-by-another': t('likeEarlierGoodCommentSomebody'),
  'like-genuine-with-address': t('likeEarlierGoodCommentAddress'),
  'like-spam': t('likeEarlierSpam'),
  'like-spam-by-another': t('likeEarlierSpamUnder'),
  'like-spam-with-address': t('likeEarlierSpamAnother'),
  'copy-of-genuine-with-address': t('copyGoodCommentAddress'),
  'copy-of-genuine-by-another-with-address': t('somebodyElsesGoodComment'),
  'copy-of-spam-with-address': t('copySpamAnotherAddress'),
}

/** A part of a comment that told something, in words. */
export function partInWords(part: Schemas['FilterReason']): string {
  if (places[part.kind]) return t('signalAt', { place: places[part.kind], name: part.name })
  return listed(part.name.split('+').map((name) => traits[name] ?? name))
}
