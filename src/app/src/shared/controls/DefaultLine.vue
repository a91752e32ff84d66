<script setup lang="ts">
import { nextTick, useTemplateRef } from 'vue'
import { t } from '../texts'

/**
 * The line of a setting: what it is, and the value that holds; to read as long as the layer outside says it, as a field
 * once it is set here.
 */
const props = defineProps<{
  label: string
  hint?: string | undefined
  isOwn: boolean
  from: string
  shown: string
}>()
const emit = defineEmits<{ toggle: [on: boolean] }>()
const line = useTemplateRef('line')

async function toggle(): Promise<void> {
  const isOwn = !props.isOwn
  emit('toggle', isOwn)
  await nextTick()
  line.value?.querySelector<HTMLElement>(isOwn ? 'input, textarea' : '.toggle')?.focus()
}
</script>

<template>
  <div ref="line" class="setting">
    <div>
      <span class="t">{{ props.label }}</span>
      <p v-if="props.hint" class="soft small">{{ props.hint }}</p>
    </div>
    <slot v-if="props.isOwn" />
    <div v-else class="inherited">
      <span class="value">{{ props.shown || '–' }}</span>
      <span class="soft small">{{ props.from ? t('defaultFromFrom', { from: props.from }) : t('default') }}</span>
    </div>
    <button
      type="button"
      class="link toggle"
      :aria-label="
        props.isOwn ? t('useDefaultLabel', { label: props.label }) : t('changeLabel', { label: props.label })
      "
      @click="toggle"
    >
      {{ props.isOwn ? t('useDefault') : t('change') }}
    </button>
  </div>
</template>

<style scoped>
.setting {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr) 130px;
  gap: 6px 22px;
  align-items: center;
  padding: 12px 0;
  border-bottom: 1px solid var(--hair);
}
.setting p {
  margin: 0;
}
.inherited {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
  min-height: 40px;
  align-content: center;
}
.value {
  white-space: pre-line;
  overflow-wrap: anywhere;
}
.toggle {
  justify-self: start;
}
@media (max-width: 860px) {
  .setting {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .setting > :first-child {
    grid-column: 1 / -1;
  }
  .inherited {
    min-height: 0;
  }
}
</style>
