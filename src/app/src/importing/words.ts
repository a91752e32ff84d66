import type { Schemas } from '../api'

export const states: Record<Schemas['ImportState'], { name: string; tone: string }> = {
  matching: { name: 'To be matched', tone: 'o' },
  running: { name: 'Coming in', tone: 'o' },
  done: { name: 'Done', tone: 'v' },
  stopped: { name: 'Stopped', tone: 'plain' },
  failed: { name: 'Failed', tone: 'm' },
  undone: { name: 'Taken back', tone: 'plain' },
}

export const targets: { value: Schemas['ImportTarget'] | ''; title: string }[] = [
  { value: '', title: 'Leave out' },
  { value: 'title', title: 'Title' },
  { value: 'body', title: 'Text' },
  { value: 'excerpt', title: 'Excerpt' },
  { value: 'date', title: 'Date' },
  { value: 'author', title: 'Author' },
  { value: 'category', title: 'Category' },
  { value: 'tags', title: 'Tags' },
  { value: 'slug', title: 'Last part of the address' },
  { value: 'picture', title: 'Picture' },
  { value: 'pictureAlt', title: 'What the picture shows' },
  { value: 'status', title: 'Draft or published' },
  { value: 'featured', title: 'Featured' },
  { value: 'link', title: 'Address it had' },
  { value: 'identifier', title: 'What tells it from others' },
]

export const dateForms: { value: Schemas['DateForm']; title: string }[] = [
  { value: 'standard', title: '2026-11-24, or as standards have it' },
  { value: 'dayFirst', title: 'Day first: 24/11/2026' },
  { value: 'monthFirst', title: 'Month first: 11/24/2026' },
]
