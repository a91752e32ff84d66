<script setup lang="ts">
import { download, useAct, useNotice } from '../../shared'
import { t } from '../texts'

/** Takes what was found away as a file. */
const props = defineProps<{ read: (format: string) => Promise<string> }>()
const act = useAct()
const { say } = useNotice()
const formats = [
  { format: 'html', name: t('reportPage'), file: 'feed-check.html', type: 'text/html' },
  { format: 'json', name: 'JSON', file: 'feed-check.json', type: 'application/json' },
  { format: 'junit', name: 'JUnit', file: 'feed-check.xml', type: 'application/xml' },
  { format: 'sarif', name: 'SARIF 2.1.0', file: 'feed-check.sarif', type: 'application/sarif+json' },
]

async function save(chosen: (typeof formats)[number]): Promise<void> {
  const text = await act.run(() => props.read(chosen.format))
  if (text === undefined) say(act.trouble.value || t('reportGone'))
  else download(text, chosen.file, chosen.type)
}
</script>

<template>
  <v-menu>
    <template #activator="{ props: opens }"
      ><v-btn v-bind="opens" variant="outlined" :loading="act.running.value">{{ t('report') }}</v-btn></template
    >
    <v-list density="compact">
      <v-list-item v-for="chosen in formats" :key="chosen.format" :title="chosen.name" @click="save(chosen)" />
    </v-list>
  </v-menu>
</template>
