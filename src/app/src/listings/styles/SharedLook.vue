<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { counted } from '../../shared'

/** Which look a listing has: its own, or one that listings share. */
const chosen = defineModel<number | null>({ required: true })
const props = defineProps<{ looks: Schemas['LookView'][]; changing: boolean; problem?: string }>()
const emit = defineEmits<{ share: [name: string]; change: []; detach: []; remove: [] }>()
const naming = ref(false)
const name = ref('')
const items = computed(() => [
  { title: 'Custom', value: null },
  ...props.looks.map((look) => ({ title: look.name, value: look.id })),
])
const look = computed(() => props.looks.find((one) => one.id === chosen.value))
const others = computed(() => look.value?.usedBy.length ?? 0)

function share(): void {
  if (!name.value.trim()) return
  emit('share', name.value.trim())
  naming.value = false
  name.value = ''
}
</script>

<template>
  <div class="shared">
    <v-select v-model="chosen" density="compact" label="Style" :items="items" :error-messages="props.problem" />
    <p v-if="look" class="small">
      Used by <span :title="look.usedBy.map((one) => one.name).join(', ')">{{ counted(others, 'listing') }}</span>.
      <template v-if="props.changing"
        >What you change here changes {{ others === 1 ? 'it' : `all ${others}` }}.
        <button type="button" class="link back" @click="emit('remove')">Delete style</button></template
      >
      <template v-else>
        <button type="button" class="link" @click="emit('change')">
          {{ others === 1 ? 'Edit style' : `Edit for all ${others}` }}
        </button>
        ·
        <button type="button" class="link" @click="emit('detach')">Make custom for this listing</button>
      </template>
    </p>
    <p v-else-if="!naming" class="small">
      <button type="button" class="link" @click="naming = true">Save as style</button>
    </p>
    <form v-else class="row" @submit.prevent="share">
      <v-text-field v-model="name" density="compact" label="Style name" autofocus /><v-btn type="submit" height="40"
        >Save</v-btn
      >
    </form>
  </div>
</template>

<style scoped>
.shared {
  display: grid;
  gap: 6px;
  margin-top: 12px;
}
</style>
