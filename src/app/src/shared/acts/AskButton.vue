<script setup lang="ts">
import { ref } from 'vue'
import AskDialog from './AskDialog.vue'

/** A button for what cannot be taken back: it says what will happen and asks first. */
const props = defineProps<{ title: string; text: string; button: string; act: () => Promise<unknown> }>()
defineOptions({ inheritAttrs: false })
const isAsking = ref(false)
const running = ref(false)

async function go(): Promise<void> {
  running.value = true
  try {
    await props.act()
  } finally {
    running.value = false
    isAsking.value = false
  }
}
</script>

<template>
  <button type="button" v-bind="$attrs" @click="isAsking = true"><slot /></button>
  <AskDialog
    v-if="isAsking"
    :title="props.title"
    :text="props.text"
    :button="props.button"
    :running="running"
    trouble=""
    @done="go"
    @close="isAsking = false"
  />
</template>
