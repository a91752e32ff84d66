<script setup lang="ts">
import { watchEffect } from 'vue'

const props = defineProps<{ title: string }>()
watchEffect(() => (document.title = `${props.title} · Antiphon`))
</script>

<template>
  <div class="title">
    <h1>{{ props.title }}</h1>
    <p><slot name="state" /></p>
    <div class="act"><slot name="act" /></div>
  </div>
  <div class="double" />
</template>
