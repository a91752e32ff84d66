<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { mdiClose } from '@mdi/js'
import { ref, watch } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { useAct } from '../shared/useAct'
import { useNotice } from '../shared/useNotice'

/** Where readers can follow the site elsewhere; posts show it where the block is put in. */
const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const path = () => ({ params: { path: { site: props.siteId } } })
const queries = useQueryClient()
const { running, trouble, fields, run } = useAct()
const { say } = useNotice()
const links = ref<Schemas['FollowLink'][]>([])
const { data } = useQuery({
  queryKey: ['follow-links', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/follow-links', path())),
})
watch(data, (found) => (links.value = (found ?? []).map((link) => ({ ...link }))), { immediate: true })

async function save(): Promise<void> {
  const kept = await run(() => take(api.PUT('/api/sites/{site}/follow-links', { ...path(), body: links.value })))
  if (!kept) return
  queries.setQueryData(['follow-links', props.siteId], kept)
  say('Every post with the block shows these now.')
}
</script>

<template>
  <h2 class="group">Where to follow the site</h2>
  <form class="form" novalidate @submit.prevent="save">
    <div v-for="(link, index) in links" :key="index" class="one">
      <v-text-field v-model="link.name" label="Place" density="compact" :error-messages="fields[`${index}.name`]" />
      <v-text-field
        v-model="link.address"
        label="Address of your page there"
        density="compact"
        spellcheck="false"
        :error-messages="fields[`${index}.address`]"
      />
      <button type="button" class="away" :aria-label="`Take ${link.name || 'this place'} away`" @click="links.splice(index, 1)">
        <v-icon :icon="mdiClose" size="18" />
      </button>
    </div>
    <p v-if="links.length === 0" class="soft small">No place is named yet. Posts show the list where “Follow links” is put in.</p>
    <p v-if="trouble || fields.links" class="trouble" role="alert">{{ trouble || fields.links?.[0] }}</p>
    <div v-if="props.mayEdit" class="row">
      <v-btn variant="outlined" @click="links.push({ name: '', address: '' })">Name a place</v-btn
      ><v-btn type="submit" :loading="running">Save the places</v-btn>
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
