<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import type { Schemas } from '../../../api'
import { useTemplates } from './useTemplates'
import { t } from '../../texts'

/** What an empty post can start from. */
const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const emit = defineEmits<{ start: [template: Schemas['PostTemplateView']] }>()
const { all, remove } = useTemplates(() => props.siteId)
</script>

<template>
  <div v-if="all.data.value?.length" class="templates" role="group" :aria-label="t('startFromTemplate')">
    <span class="soft">{{ t('startFrom') }}</span>
    <span v-for="template in all.data.value" :key="template.id" class="one">
      <button type="button" class="chip" @click="emit('start', template)">{{ template.name }}</button><button
        v-if="props.mayEdit"
        type="button"
        class="away"
        :aria-label="t('removeTemplateName', { name: template.name })"
        @click="remove(template)"
      >
        <v-icon :icon="mdiClose" size="15" />
      </button>
    </span>
    <span class="soft">{{ t('blankPost') }}</span>
  </div>
</template>

<style scoped>
.templates {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  padding: 8px 0;
  font-size: 14px;
}
.one {
  display: inline-flex;
  align-items: center;
}
.away {
  border: 0;
  background: none;
  color: var(--soft);
  cursor: pointer;
  min-width: 24px;
  min-height: 24px;
}
</style>
