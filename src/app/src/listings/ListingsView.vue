<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, lineOf, take } from '../api'
import { OneOf, PageTitle, useAct, useNotice, useQueryValue, useSite, WhenText } from '../shared'
import { layoutName } from './layouts'
import { bringIn } from './listingFile'
import { t } from './texts'

const { id, mayEdit } = useSite()
const router = useRouter()
const queries = useQueryClient()
const path = () => ({ site: id.value })
const {
  data: listings,
  error,
  isPending,
} = useQuery({
  queryKey: ['listings', id],
  queryFn: () => take(api.GET('/api/sites/{site}/listings', { params: { path: path() } })),
})
const { data: blogs } = useQuery({
  queryKey: ['blogs', id],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: path() } })),
})
const act = useAct()
const states = {
  seen: { name: t('live'), tone: 'v' },
  lost: { name: t('removedFromPage'), tone: 'm' },
  never: { name: t('notFoundYet'), tone: 'o' },
}
const search = useQueryValue('search')
const shelf = useQueryValue('shelf')
const used = computed(() => listings.value?.filter((listing) => !listing.archivedAt) ?? [])
const away = computed(() => listings.value?.filter((one) => one.archivedAt) ?? [])
const inPlace = computed(() => used.value.filter((one) => one.state === 'seen').length)
const shown = computed(() => {
  const words = search.value.trim().toLowerCase()
  return (shelf.value === 'away' ? away.value : used.value).filter((one) =>
    [one.name, one.layout, one.pageAddress, ...one.pages].some((text) => text?.toLowerCase().includes(words)),
  )
})
const chooser = ref<HTMLInputElement | null>(null)
const { say } = useNotice()

async function bring(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (!file) return
  const made = await act.run(() => bringIn(id.value, file))
  if (Object.keys(act.fields.value).length) act.trouble.value = Object.values(act.fields.value).flat().join(' ')
  if (!made) return
  await queries.invalidateQueries({ queryKey: ['listings'] })
  say(
    made.leftOut.length
      ? t('importedNotFoundSite', { leftOut: made.leftOut.join('; ') })
      : t('nameImportedItsOwn', { name: made.listing.name }),
  )
  await router.push(`/s/${id.value}/listings/${made.listing.id}`)
}

async function restore(listing: number, name: string): Promise<void> {
  await act.run(() =>
    take(api.DELETE('/api/sites/{site}/listings/{listing}/archive', { params: { path: { ...path(), listing } } })),
  )
  for (const key of ['listings', 'coverage']) void queries.invalidateQueries({ queryKey: [key] })
  say(t('nameRestored', { name }))
}

async function build(): Promise<void> {
  const blog = blogs.value![0]!
  const made = await act.run(() =>
    take(
      api.POST('/api/sites/{site}/listings', {
        params: { path: path() },
        body: {
          name: t('latestFromName', { name: blog.name }),
          pageAddress: null,
          definition: {
            blogs: [blog.id],
            count: 5,
            order: 'newest',
            layout: 'lines',
            heading: t('latestFromName', { name: blog.name }),
            details: { picture: true, excerpt: false, date: true, author: false, category: false },
          },
        },
      }),
    ),
  )
  if (!made) return
  await queries.invalidateQueries({ queryKey: ['listings'] })
  await router.push(`/s/${id.value}/listings/${made.id}`)
}
</script>

<template>
  <PageTitle :title="t('listings')">
    <template #state>{{ t('listingsInplacePlace', { used: used.length, inPlace }) }}</template>
    <template #act>
      <v-btn v-if="mayEdit && blogs?.length" variant="outlined" @click="chooser?.click()">{{ t('import') }}</v-btn>
      <v-btn v-if="mayEdit && blogs?.length" :loading="act.running.value" @click="build">{{ t('newListing') }}</v-btn>
    </template>
  </PageTitle>
  <input
    ref="chooser"
    class="file"
    type="file"
    accept=".json,application/json"
    :aria-label="t('fileListing')"
    @change="bring"
  />
  <div class="work">
    <p v-if="error || act.trouble.value" class="trouble" role="alert">{{ act.trouble.value || lineOf(error) }}</p>
    <p v-if="isPending" class="waiting">{{ t('readingListings') }}</p>
    <div v-else-if="listings?.length === 0" class="empty">
      <h2>{{ t('noListingYet') }}</h2>
      <p>
        {{ blogs?.length ? t('listingShowsPostsPage') : t('listingShowsPostsPageSite') }}
      </p>
      <v-btn v-if="blogs?.length === 0" :to="`/s/${id}/connect`">{{ t('connectBlog') }}</v-btn>
    </div>
    <template v-else>
      <div class="row sift">
        <v-text-field
          v-model="search"
          class="search"
          density="compact"
          :label="t('searchListings')"
          clearable
          @click:clear="search = ''"
        />
        <OneOf
          v-if="away.length"
          v-model="shelf"
          :label="t('filter')"
          :choices="[
            ['', t('activeUsed', { used: used.length })],
            ['away', t('archivedAway', { away: away.length })],
          ]"
        />
      </div>
      <p v-if="shown.length === 0" class="soft">
        {{ t('noListingsFound') }} <button class="link" @click="search = ''">{{ t('showAll') }}</button>
      </p>
      <table v-else class="ruled">
        <thead>
          <tr>
            <th>{{ t('listing') }}</th>
            <th>{{ t('state') }}</th>
            <th>{{ t('page') }}</th>
            <th class="wide">{{ t('lastSeen') }}</th>
            <th class="wide">{{ t('shows') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in shown" :key="one.id">
            <td>
              <router-link class="t" :to="`/s/${id}/listings/${one.id}`">{{ one.name }}</router-link>
            </td>
            <td>
              <button v-if="one.archivedAt" class="link small" @click="restore(one.id, one.name)">
                {{ t('restore') }}
              </button>
              <span v-else class="tag" :class="states[one.state].tone">{{ states[one.state].name }}</span>
            </td>
            <td>
              <a
                v-for="page in one.pages.length ? one.pages : [one.pageAddress].filter(Boolean)"
                :key="page!"
                class="address"
                :href="page!"
                target="_blank"
                rel="noopener"
                >{{ page }}</a
              >
            </td>
            <td class="wide soft"><WhenText :at="one.seenAt" /></td>
            <td class="wide soft">
              {{ one.count === 0 ? t('allPosts') : t('posts2', { posts: one.count }) }}, {{ layoutName(one.layout) }}
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </div>
</template>

<style scoped>
.file {
  display: none;
}
.sift {
  margin-bottom: 8px;
}
.search {
  max-width: 320px;
}
@media (max-width: 860px) {
  .wide {
    display: none;
  }
}
</style>
