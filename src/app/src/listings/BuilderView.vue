<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, lineOf, type Schemas, take } from '../api'
import { CopyButton, PageTitle, relativeDate, useNotice, useQueryValue, useSite } from '../shared'
import { useListingLook } from './styles/useListingLook'
import { usePageLook } from './styles/usePageLook'
import BuilderQuestions from './builder/BuilderQuestions.vue'
import CheckDialog from './placing/CheckDialog.vue'
import ExplainDialog from './placing/ExplainDialog.vue'
import HostPreview from './placing/HostPreview.vue'
import SnippetFoot from './placing/SnippetFoot.vue'
import { saveAsFile } from './listingFile'
import { useListing } from './useListing'

const { id: siteId, site, mayEdit } = useSite()
const pageColours = shallowRef<Schemas['LookColours'] | null>(null)
const { id, listing, stored, preview, snippet, act, isSaved, show } = useListing(
  () => siteId.value,
  () => pageColours.value,
)
const address = computed(() => listing.value?.pageAddress ?? site.value?.address ?? '')
const page = usePageLook(
  () => siteId.value,
  () => address.value,
)
watch(page.colours, (found) => (pageColours.value = found), { immediate: true })
const looks = useListingLook(
  () => siteId.value,
  listing,
  () => void show(),
)
const explaining = ref(false)
const { data: blogs } = useQuery({
  queryKey: ['blogs', siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: siteId.value } } })),
})
const check = useQueryValue('check')
const checking = computed({ get: () => check.value === '1', set: (open: boolean) => (check.value = open ? '1' : '') })
const removing = ref(false)
const router = useRouter()
const queries = useQueryClient()
const { say } = useNotice()
const state = computed(() => {
  const view = stored.data.value
  if (!view) return ''
  const seen = view.sightings.find((sighting) => sighting.isThere)
  const where = seen
    ? `Live on ${new URL(seen.pageAddress).pathname}, last seen ${relativeDate(seen.seenAt!)}.`
    : view.state === 'lost'
      ? 'No longer found on its page.'
      : 'Not seen on a page yet.'
  return `${where} ${act.running.value ? 'Saving …' : isSaved.value ? 'Saved.' : act.trouble.value || Object.keys(act.fields.value).length ? 'Not saved. Check the highlighted field.' : ''}`
})

async function copy(): Promise<void> {
  const made = await act.run(() =>
    take(
      api.POST('/api/sites/{site}/listings/{listing}/copy', { params: { path: { site: siteId.value, listing: id } } }),
    ),
  )
  if (!made) return
  void queries.invalidateQueries({ queryKey: ['listings'] })
  say(`Copy created: “${made.name}”.`)
  await router.push(`/s/${siteId.value}/listings/${made.id}`)
}

async function putAway(): Promise<void> {
  const name = listing.value!.name
  const path = { params: { path: { site: siteId.value, listing: id } } }
  await take(api.POST('/api/sites/{site}/listings/{listing}/archive', path))
  const refresh = () =>
    ['listings', 'coverage', 'listing'].forEach((key) => void queries.invalidateQueries({ queryKey: [key] }))
  refresh()
  say(`“${name}” archived. Pages that use it still show it.`, async () => {
    await take(api.DELETE('/api/sites/{site}/listings/{listing}/archive', path))
    refresh()
  })
  await router.push(`/s/${siteId.value}/listings`)
}

async function remove(): Promise<void> {
  const name = listing.value!.name
  await take(
    api.DELETE('/api/sites/{site}/listings/{listing}', { params: { path: { site: siteId.value, listing: id } } }),
  )
  for (const key of ['listings', 'coverage']) void queries.invalidateQueries({ queryKey: [key] })
  say(`“${name}” deleted. Pages keep the entries saved in their HTML.`)
  await router.push(`/s/${siteId.value}/listings`)
}
</script>

<template>
  <PageTitle :title="listing?.name ?? 'Listing'">
    <template #state
      ><span role="status">{{ state }}</span></template
    >
    <template #act>
      <v-btn variant="outlined" @click="checking = true">Check the page</v-btn>
      <CopyButton big :text="snippet.data.value?.snippet ?? ''" label="Copy the snippet" />
    </template>
  </PageTitle>
  <p v-if="stored.error.value" class="work trouble" role="alert">{{ lineOf(stored.error.value) }}</p>
  <p v-else-if="!listing || !site" class="work waiting">Opening the listing …</p>
  <div v-else class="work split">
    <div class="questions">
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <BuilderQuestions
        v-model="listing"
        :site-id="siteId"
        :blogs="blogs ?? []"
        :preview="preview"
        :fields="act.fields.value"
        :site-address="site.address"
        :readonly="!mayEdit"
        :looks="looks"
        :page="page"
      />
      <div v-if="mayEdit" class="row small">
        <button class="link" @click="explaining = true">Why is a post missing?</button>
        <button class="link" @click="copy">Duplicate</button>
        <button class="link" @click="saveAsFile(siteId, id, listing.name)">Export</button>
        <button class="link" @click="putAway">Archive</button>
        <button class="link back" @click="removing = true">Delete listing</button>
      </div>
    </div>
    <div class="right">
      <HostPreview
        :site-id="siteId"
        :listing-id="id"
        :listing-key="stored.data.value?.key ?? ''"
        v-model:spot="listing.spot"
        :address="address"
        :html="preview?.html ?? null"
        :may-edit="mayEdit"
      />
      <SnippetFoot :snippet="snippet.data.value" />
    </div>
  </div>
  <CheckDialog
    v-if="site && stored.data.value"
    v-model="checking"
    :site-id="siteId"
    :listing-id="id"
    :address="listing?.pageAddress ?? site.address"
  />
  <ExplainDialog v-if="listing" v-model="explaining" :site-id="siteId" :definition="listing.definition" />
  <v-dialog v-model="removing" max-width="420">
    <v-card class="pa-6">
      <h2>Remove “{{ listing?.name }}”?</h2>
      <p class="my-3">Pages with this snippet keep the current entries but get no new ones. This cannot be undone.</p>
      <div class="row">
        <v-btn color="secondary" @click="remove">Remove the listing</v-btn
        ><v-btn variant="text" @click="removing = false">Cancel</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.questions {
  width: 432px;
  flex: none;
  padding: 0 24px 40px;
}
.right {
  flex: 1;
  min-width: 0;
  background: var(--desk);
  border-left: 1px solid var(--rule);
  display: flex;
  flex-direction: column;
}
@media (max-width: 860px) {
  .questions {
    width: auto;
    padding: 0 16px 20px;
  }
  .right {
    border-left: 0;
    height: 80vh;
  }
}
</style>
