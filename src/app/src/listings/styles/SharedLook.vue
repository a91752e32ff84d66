<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { AskButton } from '../../shared'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

/** Which look a listing has: its own, or one that listings share. */
const chosen = defineModel<number | null>({ required: true })
const props = defineProps<{ looks: Schemas['LookView'][]; changing: boolean; problem?: string }>()
const emit = defineEmits<{ share: [name: string]; change: []; detach: []; remove: [] }>()
const naming = ref(false)
const name = ref('')
const items = computed(() => [
  { title: t('custom'), value: null },
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
    <v-select v-model="chosen" density="compact" :label="t('style')" :items="items" :error-messages="props.problem" />
    <p v-if="look" class="small">
      <RichText :of="rich('usedBy', { others })"
        ><template #listings="{ text }"
          ><span :title="look.usedBy.map((one) => one.name).join(', ')">{{ text }}</span></template
        ></RichText
      >
      <template v-if="props.changing"
        >{{ others === 1 ? t('whatChangeHereChanges') : t('whatChangeHereChangesAll', { others }) }}
        <AskButton
          class="link quiet"
          :title="t('deleteStyleAsk', { name: look.name })"
          :text="t('deleteStyleMeans')"
          :button="t('deleteStyle')"
          :act="async () => emit('remove')"
          >{{ t('deleteStyle') }}</AskButton
        ></template
      >
      <template v-else>
        <button type="button" class="link" @click="emit('change')">
          {{ others === 1 ? t('editStyle') : t('editAllOthers', { others }) }}
        </button>
        ·
        <button type="button" class="link" @click="emit('detach')">{{ t('makeCustomListing') }}</button>
      </template>
    </p>
    <p v-else-if="!naming" class="small">
      <button type="button" class="link" @click="naming = true">{{ t('saveStyle') }}</button>
    </p>
    <form v-else class="row" @submit.prevent="share">
      <v-text-field v-model="name" density="compact" :label="t('styleName')" autofocus /><v-btn
        type="submit"
        height="40"
        >{{ t('save') }}</v-btn
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
