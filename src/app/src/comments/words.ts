import type { Schemas } from '../api'
import { counted } from '../shared'

/** Where a comment stands. */
export const standings: Record<Schemas['CommentStanding'], string> = {
  waiting: 'Waiting',
  public: 'Published',
  hidden: 'Hidden',
  spam: 'Spam',
  deleted: 'Deleted',
}

/** What happens to a comment that comes in. */
export const acts: Record<Schemas['CommentAct'], string> = {
  publish: 'Publish',
  wait: 'Hold for moderation',
  spam: 'Mark as spam',
  refuse: 'Reject',
}

/** What rules look at, with the word behind their number. */
export const conditions: Record<Schemas['RuleCondition'], { name: string; unit?: string; usual: number }> = {
  linksAtLeast: { name: 'Number of links is at least', unit: 'addresses', usual: 2 },
  words: { name: 'Contains any of these words', usual: 0 },
  firstTimeWriter: { name: 'Commenter has no published comments', usual: 0 },
  trustedWriter: { name: 'Commenter’s published comments are at least', unit: 'public', usual: 3 },
  scoreAtLeast: { name: 'Spam score is at least', unit: '%', usual: 98 },
  scoreBelow: { name: 'Spam score is below', unit: '%', usual: 5 },
  repeatedText: { name: 'Same text within 24 hours, at least', unit: 'times', usual: 3 },
  sentWithin: { name: 'Sent after opening the form, within', unit: 'seconds', usual: 3 },
  manyFromOnePlace: { name: 'Comments from one IP address per hour, at least', unit: 'comments', usual: 5 },
}

/** What a rule looks at, with its number or words in place. */
export function ruleInWords(rule: Schemas['CommentRule'], found?: string | null): string {
  const { name, unit } = conditions[rule.condition]
  if (rule.condition === 'words')
    return found
      ? `It holds “${found}”`
      : `${name}: ${rule.words.slice(0, 4).join(', ')}${rule.words.length > 4 ? ' …' : ''}`
  return unit ? `${name} ${rule.number}${unit === '%' ? ' %' : ` ${unit}`}` : name
}

/** A score as people read it; never quite sure. */
export const percent = (score: number) =>
  score < 0.01 ? 'under 1%' : score > 0.99 ? 'over 99%' : `${Math.round(score * 100)}%`

/** What decided where a comment went. */
export function stepInWords(trace: Schemas['CommentTrace']): string {
  const { step, act, rule, found, facts } = trace
  if (step === 'rule' && rule) return `rule: ${ruleInWords(rule, found).toLowerCase()}`
  if (step === 'approval')
    return act === 'wait' ? 'no rule matched; held by site settings' : 'no rule matched; published by site settings'
  if (step === 'threshold') return `spam score ${percent(facts.score ?? 0)}, above the threshold`
  if (step === 'words') return `it holds “${found ?? ''}”`
  if (step === 'ban') return `banned: ${found ?? ''}`
  return {
    rule: 'a rule',
    trap: 'filled in the hidden trap field',
    trust: 'the commenter is trusted',
    flood: 'sent too fast or in a flood',
    unconfirmed: 'email not confirmed yet',
    picture: 'contains a picture',
  }[step]
}

/** Why a comment waits, in the few words a list has room for. */
export function whyInShort(trace: Schemas['CommentTrace']): string {
  const { facts, step } = trace
  const what =
    step !== 'approval'
      ? stepInWords(trace).replace(/^rule: /, '')
      : facts.publishedBefore === 0
        ? facts.links
          ? 'first-time commenter with a link'
          : 'first-time commenter'
        : facts.links
          ? counted(facts.links, 'link')
          : `${facts.publishedBefore} published before`
  const score = facts.score === null || facts.score === undefined ? '' : ` · spam ${percent(facts.score)}`
  return what.charAt(0).toUpperCase() + what.slice(1) + score
}

/** What readers report. */
export const reportReasons: Record<Schemas['ReportReason'], string> = {
  advertising: 'advertising',
  hurtful: 'hurtful',
  private: 'reveals private information',
  wrong: 'false or off topic',
  other: 'something else',
}

const places: Record<Schemas['SignalKind'], string> = {
  word: 'the word',
  wordPair: 'the words',
  piece: 'the letter sequence',
  author: 'in the name',
  mail: 'in the email address',
  site: 'in the commenter’s website',
  link: 'in a link',
  shape: '',
  shapePair: '',
  likeness: '',
}

const traits: Record<string, string> = {
  link: 'a link',
  links: 'several links',
  markup: 'contains HTML',
  site: 'has a website',
  'site-path': 'website link is a deep link',
  short: 'a short text',
  long: 'a long text',
  'no-mail': 'no email given',
  'mail-is-name': 'email matches name',
  'mail-digits': 'digits in the email address',
  'name-is-one-word': 'a name of one word',
  'name-in-lower-case': 'the name in lower case',
  'name-of-many-words': 'a name of many words',
  'name-has-digit': 'digits in the name',
  'name-in-site': 'name appears in the website',
  question: 'a question',
  shout: 'mostly capitals',
  exclaims: 'exclamation marks',
  trick: 'look-alike characters',
  'other-script': 'different writing system',
  number: 'a long number',
  'no-capital': 'no capitals',
  length: 'the length',
  words: 'the number of words',
  addresses: 'the number of links',
  'address-share': 'ratio of links to words',
  'word-length': 'the length of words',
  capitals: 'the share of capitals',
  digits: 'the share of digits',
  punctuation: 'the punctuation',
  exclamations: 'the exclamation marks',
  questions: 'the question marks',
  lines: 'the lines',
  pictures: 'emoji',
  'other-letters': 'letters of other scripts',
  money: 'currency signs',
  'like-none': 'like no earlier comment',
  'like-genuine': 'like an earlier good comment',
  'like-genuine-by-another': 'like an earlier good comment of somebody else',
  'like-genuine-with-address': 'like an earlier good comment, with an address added',
  'like-spam': 'like earlier spam',
  'like-spam-by-another': 'like earlier spam under another name',
  'like-spam-with-address': 'like earlier spam with another address',
  'copy-of-genuine-with-address': 'a copy of a good comment with an address added',
  'copy-of-genuine-by-another-with-address': 'somebody else’s good comment copied, with an address added',
  'copy-of-spam-with-address': 'a copy of spam with another address',
}

/** A part of a comment that told something, in words. */
export function partInWords(part: Schemas['FilterReason']): string {
  if (places[part.kind]) return `${places[part.kind]} “${part.name}”`
  return part.name
    .split('+')
    .map((name) => traits[name] ?? name)
    .join(' and ')
}
