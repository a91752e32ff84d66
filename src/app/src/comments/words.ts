import type { Schemas } from '../api/client'

/** Where a comment stands. */
export const standings: Record<Schemas['CommentStanding'], string> = {
  waiting: 'Waiting',
  public: 'Public',
  hidden: 'Hidden',
  spam: 'Spam',
  deleted: 'Deleted',
}

/** Why it waited. */
export const waitReasons: Record<NonNullable<Schemas['WaitReason']>, string> = {
  everyCommentWaits: 'Every comment waits',
  firstTimeWriterWithLink: 'First-time writer with a link',
  firstTimeWriter: 'First-time writer',
  manyLinks: 'Several links',
}

/** What happens to a comment that comes in. */
export const acts: Record<Schemas['CommentAct'], string> = { publish: 'Publish it', wait: 'Let it wait', spam: 'Put it aside as spam', refuse: 'Refuse it' }

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
  if (rule.condition === 'words') return found ? `It holds “${found}”` : `${name}: ${rule.words.slice(0, 4).join(', ')}${rule.words.length > 4 ? ' …' : ''}`
  return unit ? `${name} ${rule.number}${unit === '%' ? ' %' : ` ${unit}`}` : name
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
export function partInWords(part: Schemas['TellingPart']): string {
  if (places[part.kind]) return `${places[part.kind]} “${part.name}”`
  return part.name
    .split('+')
    .map((name) => traits[name] ?? name)
    .join(' and ')
}
