<script setup lang="ts">
import { t } from '../texts'

/** The line of a setting: what it is, its field, and whether it is set here or as the layer outside says. */
const props = defineProps<{ label: string; hint?: string | undefined; isOwn: boolean; from: string }>()
const emit = defineEmits<{ toggle: [on: boolean] }>()
</script>

<template>
  <div class="setting" :class="{ own: props.isOwn }">
    <div class="about">
      <span class="t">{{ props.label }}</span>
      <p v-if="props.hint" class="soft small">{{ props.hint }}</p>
    </div>
    <slot />
    <v-switch
      class="switch"
      :model-value="props.isOwn"
      :label="props.isOwn ? t('custom') : props.from ? t('defaultFromFrom', { from: props.from }) : t('default')"
      density="compact"
      hide-details
      color="primary"
      :aria-label="t('labelSetHere', { label: props.label })"
      @update:model-value="(on: boolean | null) => emit('toggle', on === true)"
    />
  </div>
</template>

<style scoped>
.setting {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr) 190px;
  gap: 6px 22px;
  align-items: center;
  padding: 12px 0;
  border-bottom: 1px solid var(--hair);
}
.about p {
  margin: 0;
}
.switch {
  font-size: 13.5px;
}
.switch :deep(.v-switch__thumb) {
  background: var(--sheet);
  color: var(--ink);
}
@media (max-width: 860px) {
  .setting {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
