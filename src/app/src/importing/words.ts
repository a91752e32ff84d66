import type { Schemas } from '../api'

export const states: Record<Schemas['ImportState'], { name: string; tone: string }> = {
  matching: { name: 'Needs mapping', tone: 'o' },
  running: { name: 'Importing', tone: 'o' },
  done: { name: 'Done', tone: 'v' },
  stopped: { name: 'Stopped', tone: 'plain' },
  failed: { name: 'Failed', tone: 'm' },
  undone: { name: 'Undone', tone: 'plain' },
}

export const targets: { value: Schemas['ImportTarget'] | ''; title: string }[] = [
  { value: '', title: 'Ignore' },
  { value: 'title', title: 'Title' },
  { value: 'body', title: 'Text' },
  { value: 'excerpt', title: 'Excerpt' },
  { value: 'date', title: 'Date' },
  { value: 'author', title: 'Author' },
  { value: 'category', title: 'Category' },
  { value: 'tags', title: 'Tags' },
  { value: 'slug', title: 'Slug' },
  { value: 'picture', title: 'Picture' },
  { value: 'pictureAlt', title: 'Picture description (alt text)' },
  { value: 'status', title: 'Draft or published' },
  { value: 'featured', title: 'Featured' },
  { value: 'link', title: 'Original address' },
  { value: 'identifier', title: 'Unique ID' },
]

export const dateForms: { value: Schemas['DateForm']; title: string }[] = [
  { value: 'standard', title: '2026-11-24 (ISO)' },
  { value: 'dayFirst', title: 'Day first: 24/11/2026' },
  { value: 'monthFirst', title: 'Month first: 11/24/2026' },
]
