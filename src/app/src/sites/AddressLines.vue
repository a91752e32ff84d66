<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { mdiClose } from '@mdi/js'
import { ref, watch } from 'vue'
import { useAct, useNotice } from '../shared'
import { t } from './texts'

interface Line {
  name: string
  address: string
}

/** Places with a name and an address each, kept together. */
const props = defineProps<{
  title: string
  /** Name under which they are kept in the store of answers. */
  storeKey: string
  siteId: number
  mayEdit: boolean
  addressLabel: string
  placeholder?: string
  empty: string
  kept: string
  load: () => Promise<Line[]>
  keep: (lines: Line[]) => Promise<Line[]>
}>()
const queries = useQueryClient()
const { running, trouble, fields, run } = useAct()
const { say } = useNotice()
const lines = ref<Line[]>([])
const { data } = useQuery({ queryKey: [props.storeKey, () => props.siteId], queryFn: props.load })
watch(data, (found) => (lines.value = (found ?? []).map((line) => ({ ...line }))), { immediate: true })

async function save(): Promise<void> {
  const saved = await run(() => props.keep(lines.value))
  if (!saved) return
  queries.setQueryData([props.storeKey, props.siteId], saved)
  say(props.kept)
}
</script>

<template>
  <h2 class="group">{{ props.title }}</h2>
  <form class="form" novalidate @submit.prevent="save">
    <div v-for="(line, index) in lines" :key="index" class="one">
      <v-text-field
        v-model="line.name"
        :label="t('name')"
        density="compact"
        :error-messages="fields[`${index}.name`]"
      />
      <v-text-field
        v-model="line.address"
        :label="props.addressLabel"
        :placeholder="props.placeholder"
        density="compact"
        spellcheck="false"
        :error-messages="fields[`${index}.address`]"
      />
      <button
        type="button"
        class="away"
        :aria-label="t('removeName', { name: line.name || t('thisLink') })"
        @click="lines.splice(index, 1)"
      >
        <v-icon :icon="mdiClose" size="18" />
      </button>
    </div>
    <p v-if="lines.length === 0" class="soft small">{{ props.empty }}</p>
    <p v-if="trouble || fields.links || fields.ways" class="trouble" role="alert">
      {{ trouble || fields.links?.[0] || fields.ways?.[0] }}
    </p>
    <div v-if="props.mayEdit" class="row">
      <v-btn variant="outlined" @click="lines.push({ name: '', address: '' })">{{ t('addLink') }}</v-btn><v-btn
        type="submit"
        :loading="running"
        >{{ t('saveLinks') }}</v-btn
      >
    </div>
  </form>
</template>

<style scoped>
.form {
  margin: 16px 0 26px;
}
.one {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr) 28px;
  gap: 8px;
  align-items: start;
}
.away {
  border: 0;
  background: none;
  color: var(--soft);
  cursor: pointer;
  min-height: 40px;
}
@media (max-width: 560px) {
  .one {
    grid-template-columns: minmax(0, 1fr) 28px;
  }
  .one > :nth-child(2) {
    grid-row: 2;
  }
}
</style>
