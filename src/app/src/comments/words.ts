import type { Schemas } from '../api'
import { counted } from '../shared'

/** Where a comment stands. */
export const standings: Record<Schemas['CommentStanding'], string> = {
  waiting: 'Waiting',
  public: 'Public',
  hidden: 'Hidden',
  spam: 'Spam',
  deleted: 'Deleted',
}

/** What happens to a comment that comes in. */
export const acts: Record<Schemas['CommentAct'], string> = {
  publish: 'Publish it',
  wait: 'Let it wait',
  spam: 'Put it aside as spam',
  refuse: 'Refuse it',
}

/** What rules look at, with the word behind their number. */
export const conditions: Record<Schemas['RuleCondition'], { name: string; unit?: string; usual: number }> = {
  linksAtLeast: { name: 'The text holds addresses, at least', unit: 'addresses', usual: 2 },
  words: { name: 'It holds one of these words', usual: 0 },
  firstTimeWriter: { name: 'The writer has nothing public yet', usual: 0 },
  trustedWriter: { name: 'The writer has public comments, at least', unit: 'public', usual: 3 },
  scoreAtLeast: { name: 'The filter says spam, at least', unit: '%', usual: 98 },
  scoreBelow: { name: 'The filter says spam, less than', unit: '%', usual: 5 },
  repeatedText: { name: 'The same text came within a day, at least', unit: 'times', usual: 3 },
  sentWithin: { name: 'It was sent after the form was shown, within', unit: 'seconds', usual: 3 },
  manyFromOnePlace: { name: 'From one place within an hour, at least', unit: 'comments', usual: 5 },
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
  score < 0.01 ? 'under 1 %' : score > 0.99 ? 'over 99 %' : `${Math.round(score * 100)} %`

/** What decided where a comment went. */
export function stepInWords(trace: Schemas['CommentTrace']): string {
  const { step, act, rule, found, facts } = trace
  if (step === 'rule' && rule) return `rule: ${ruleInWords(rule, found).toLowerCase()}`
  if (step === 'approval')
    return act === 'wait' ? 'no rule fits, and the site lets it wait' : 'no rule fits, and the site lets it pass'
  if (step === 'threshold') return `the filter said ${percent(facts.score ?? 0)}, more than is let pass`
  if (step === 'words') return `it holds “${found ?? ''}”`
  if (step === 'ban') return `banned: ${found ?? ''}`
  return {
    rule: 'a rule',
    trap: 'the field was filled that people do not see',
    trust: 'the writer is trusted',
    flood: 'it came too fast, or with too many others',
    unconfirmed: 'the mail is not confirmed yet',
    picture: 'it brings a picture',
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
          ? 'first-time writer with a link'
          : 'first-time writer'
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
  private: 'gives away what is private',
  wrong: 'not true or out of place',
  other: 'something else',
}

const places: Record<Schemas['SignalKind'], string> = {
  word: 'the word',
  wordPair: 'the words',
  piece: 'the letters',
  author: 'in the name',
  mail: 'in the mail',
  site: 'in the writer’s address',
  link: 'in a link',
  shape: '',
  shapePair: '',
  likeness: '',
}

const traits: Record<string, string> = {
  link: 'a link',
  links: 'several links',
  markup: 'written markup',
  site: 'an address of the writer’s own',
  'site-path': 'that address leads deep into a site',
  short: 'a short text',
  long: 'a long text',
  'no-mail': 'no mail given',
  'mail-is-name': 'mail and name belong together',
  'mail-digits': 'digits in the mail',
  'name-is-one-word': 'a name of one word',
  'name-in-lower-case': 'the name in lower case',
  'name-of-many-words': 'a name of many words',
  'name-has-digit': 'digits in the name',
  'name-in-site': 'the name stands in the writer’s address',
  question: 'a question',
  shout: 'mostly capitals',
  exclaims: 'exclamation marks',
  trick: 'letters in disguise',
  'other-script': 'another script',
  number: 'a long number',
  'no-capital': 'no capitals',
  length: 'the length',
  words: 'the number of words',
  addresses: 'the number of links',
  'address-share': 'links against words',
  'word-length': 'the length of words',
  capitals: 'the share of capitals',
  digits: 'the share of digits',
  punctuation: 'the punctuation',
  exclamations: 'the exclamation marks',
  questions: 'the question marks',
  lines: 'the lines',
  pictures: 'the small pictures',
  'other-letters': 'letters of other scripts',
  money: 'signs of money',
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
