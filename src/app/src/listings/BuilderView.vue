<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, lineOf, type Schemas, take } from '../api'
import { CopyButton, DangerButton, PageTitle, relativeDate, useNotice, useQueryValue, useSite } from '../shared'
import { useListingLook } from './styles/useListingLook'
import { usePageLook } from './styles/usePageLook'
import BuilderQuestions from './builder/BuilderQuestions.vue'
import CheckDialog from './placing/CheckDialog.vue'
import ExplainDialog from './placing/ExplainDialog.vue'
import HostPreview from './placing/HostPreview.vue'
import SnippetFoot from './placing/SnippetFoot.vue'
import { saveAsFile } from './listingFile'
import { useListing } from './useListing'
import { t } from './texts'

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
    ? t('livePathnameLastSeen', { pathname: new URL(seen.pageAddress).pathname, when: relativeDate(seen.seenAt!) })
    : view.state === 'lost'
      ? t('noLongerFoundIts')
      : t('notSeenPageYet')
  return act.running.value
    ? t('whereSaving', { where })
    : isSaved.value
      ? t('whereSaved', { where })
      : act.trouble.value || Object.keys(act.fields.value).length
        ? t('whereNotSavedCheck', { where })
        : where
})

async function copy(): Promise<void> {
  const made = await act.run(() =>
    take(
      api.POST('/api/sites/{site}/listings/{listing}/copy', { params: { path: { site: siteId.value, listing: id } } }),
    ),
  )
  if (!made) return
  void queries.invalidateQueries({ queryKey: ['listings'] })
  say(t('copyCreatedName', { name: made.name }))
  await router.push(`/s/${siteId.value}/listings/${made.id}`)
}

async function putAway(): Promise<void> {
  const name = listing.value!.name
  const path = { params: { path: { site: siteId.value, listing: id } } }
  await take(api.POST('/api/sites/{site}/listings/{listing}/archive', path))
  const refresh = () =>
    ['listings', 'coverage', 'listing'].forEach((key) => void queries.invalidateQueries({ queryKey: [key] }))
  refresh()
  say(t('nameArchivedPagesUse', { name }), async () => {
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
  say(t('nameDeletedPagesKeep', { name }))
  await router.push(`/s/${siteId.value}/listings`)
}
</script>

<template>
  <PageTitle :title="listing?.name ?? t('listing')">
    <template #state
      ><span role="status">{{ state }}</span></template
    >
    <template #act>
      <v-btn variant="outlined" @click="checking = true">{{ t('checkPage') }}</v-btn>
      <CopyButton big :text="snippet.data.value?.snippet ?? ''" :label="t('copySnippet')" />
    </template>
  </PageTitle>
  <p v-if="stored.error.value" class="work trouble" role="alert">{{ lineOf(stored.error.value) }}</p>
  <p v-else-if="!listing || !site" class="work waiting">{{ t('openingListing') }}</p>
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
        <button class="link" @click="explaining = true">{{ t('whyPostMissing') }}</button>
        <button class="link" @click="copy">{{ t('duplicate') }}</button>
        <button class="link" @click="saveAsFile(siteId, id, listing.name)">{{ t('export') }}</button>
        <button class="link" @click="putAway">{{ t('archive') }}</button>
        <button class="link quiet" @click="removing = true">{{ t('deleteListing') }}</button>
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
      <h2>{{ t('removeName', { name: listing?.name }) }}</h2>
      <p class="my-3">{{ t('pagesSnippetKeepCurrent') }}</p>
      <div class="row">
        <DangerButton @click="remove">{{ t('removeListing') }}</DangerButton><v-btn
          variant="text"
          @click="removing = false"
          >{{ t('cancel') }}</v-btn
        >
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
