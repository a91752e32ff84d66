<script setup lang="ts">
import OneOf from './OneOf.vue'
import { t } from '../texts'

/** The widths at which a page in a frame is looked at; empty is as wide as there is room. */
const width = defineModel<string>({ required: true })
const widths = [
  ['390', t('phone')],
  ['768', t('tablet')],
  ['', t('desktop')],
] as const
</script>

<template>
  <OneOf v-model="width" :label="t('width')" :choices="widths" />
</template>
