<script setup lang="ts">
import { watchEffect } from 'vue'
import TermHelp from './words/TermHelp.vue'
import type { Term } from './words/terms'

const props = defineProps<{ title: string; help?: Term }>()
watchEffect(() => (document.title = `${props.title} · Antiphon`))
</script>

<template>
  <div class="title">
    <h1>{{ props.title }}<TermHelp v-if="props.help" :term="props.help" /></h1>
    <p><slot name="state" /></p>
    <div class="act"><slot name="act" /></div>
  </div>
  <div class="double" />
</template>
