<script setup lang="ts">
import type { Schemas } from '../../api'
import ColourLine from './ColourLine.vue'
import { t } from '../texts'

const colours = defineModel<Schemas['LookColours']>({ required: true })
const props = defineProps<{
  isDark: boolean
  standard: boolean
  found: Schemas['FoundValue'][]
  contrast: Schemas['LookPair'][]
  problems: Record<string, string[]>
  path: string
}>()
const lines: {
  name: keyof Schemas['LookColours']
  label: string
  found?: Schemas['FoundProperty']
  part?: Schemas['LookPart']
}[] = [
  { name: 'background', label: t('background'), found: 'background' },
  { name: 'text', label: t('text'), found: 'text', part: 'text' },
  { name: 'heading', label: t('heading'), found: 'heading', part: 'heading' },
  { name: 'link', label: t('links'), found: 'link', part: 'link' },
  { name: 'byline', label: t('byline'), part: 'byline' },
  { name: 'accent', label: t('accent'), part: 'accent' },
  { name: 'line', label: t('lines'), found: 'line' },
]
const pairOf = (part?: Schemas['LookPart']) =>
  props.contrast.find((pair) => pair.part === part && pair.isDark === props.isDark)
// A light or dark look has colours of its own where nothing is said; the pairs tell them.
const standardOf = (line: (typeof lines)[number]) =>
  props.standard
    ? line.name === 'background'
      ? (pairOf('text')?.background ?? null)
      : (pairOf(line.part)?.colour ?? null)
    : null
</script>

<template>
  <ColourLine
    v-for="line in lines"
    :key="line.name"
    v-model="colours[line.name]"
    :label="props.isDark ? t('labelDark', { label: line.label }) : line.label"
    :otherwise="standardOf(line)"
    :found="props.found.find((one) => one.property === line.found)"
    :pair="pairOf(line.part)"
    :problem="props.problems[`${props.path}.${line.name}`]?.[0]"
  />
</template>
