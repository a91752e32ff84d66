<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { t } from './texts'

const open = defineModel<boolean>({ required: true })
const route = useRoute()
const everywhere: [string, string][] = [
  [t('ctrlK'), t('search')],
  ['?', t('showKeyboardShortcuts')],
]
const ofScreen: Record<string, [string, string][]> = {
  comments: [
    ['↑ ↓', t('moveThroughQueue')],
    ['1', t('publish')],
    ['2', t('hide')],
    ['3', t('spam')],
    ['4', t('banCommenter')],
    ['D', t('delete')],
    [t('shift2Shift3'), t('hideAllCommentsBy')],
    ['R', t('reply')],
    ['E', t('edit')],
    ['N', t('addInternalNote')],
    ['T', t('trustCommenter')],
    ['M', t('moreActions')],
    ['U', t('undoLastAction')],
  ],
  coverage: [
    ['← → ↑ ↓', t('moveBetweenCells')],
    [t('enter'), t('showDetails')],
    [t('esc'), t('closeDetails')],
  ],
  check: [['↑ ↓', t('moveThroughFindings')]],
  post: [[t('ctrlS'), t('save')]],
  'new-post': [[t('ctrlS'), t('save')]],
}
const keys = computed(() => [...(ofScreen[String(route.name)] ?? []), ...everywhere])
</script>

<template>
  <v-dialog v-model="open" max-width="420">
    <v-card class="keys">
      <h2>{{ t('keyboardShortcuts') }}</h2>
      <dl>
        <template v-for="[key, what] in keys" :key="key"
          ><dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ what }}</dd></template
        >
      </dl>
      <v-btn variant="outlined" @click="open = false">{{ t('close') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.keys {
  padding: 22px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 18px;
  margin: 14px 0 18px;
}
dd {
  margin: 0;
}
</style>
