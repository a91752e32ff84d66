import type { Schemas } from '../api'
import { t } from './texts'

export const states: Record<Schemas['ImportState'], { name: string; tone: string }> = {
  matching: { name: t('needsMapping'), tone: 'o' },
  running: { name: t('importing'), tone: 'o' },
  done: { name: t('done'), tone: 'v' },
  stopped: { name: t('stopped'), tone: 'plain' },
  failed: { name: t('failed'), tone: 'm' },
  undone: { name: t('undone'), tone: 'plain' },
}

export const targets: { value: Schemas['ImportTarget'] | ''; title: string }[] = [
  { value: '', title: t('ignore') },
  { value: 'title', title: t('title') },
  { value: 'body', title: t('text') },
  { value: 'excerpt', title: t('excerpt') },
  { value: 'date', title: t('date') },
  { value: 'author', title: t('author') },
  { value: 'category', title: t('category') },
  { value: 'tags', title: t('tags') },
  { value: 'slug', title: t('slug') },
  { value: 'picture', title: t('picture') },
  { value: 'pictureAlt', title: t('pictureDescriptionAltText') },
  { value: 'status', title: t('draftPublished') },
  { value: 'featured', title: t('featured') },
  { value: 'link', title: t('originalAddress') },
  { value: 'identifier', title: t('uniqueId') },
]

export const dateForms: { value: Schemas['DateForm']; title: string }[] = [
  { value: 'standard', title: '2026-11-24 (ISO)' },
  { value: 'dayFirst', title: t('dayFirst2411') },
  { value: 'monthFirst', title: t('monthFirst1124') },
]
