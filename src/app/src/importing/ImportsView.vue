<script setup lang="ts">
import { mdiFileUploadOutline } from '@mdi/js'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, lineOf, Problem, type Schemas, take, upload } from '../api'
import { PageTitle, PostTabs, useAct, useSite, WhenText } from '../shared'
import TakeOut from './TakeOut.vue'
import { states } from './words'
import { rich, t } from './texts'
import { RichText } from '../texts'

const { id, site } = useSite()
const router = useRouter()
const act = useAct()
const { data: imports } = useQuery({
  queryKey: ['imports', id],
  queryFn: () => take(api.GET('/api/sites/{site}/imports', { params: { path: { site: id.value } } })),
  refetchInterval: (query) => (query.state.data?.some((row) => row.state === 'running') ? 1500 : false),
})
const { data: blogs } = useQuery({
  queryKey: ['blogs', id],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: id.value } } })),
})
const written = computed(() => blogs.value?.filter((blog) => blog.writtenHere) ?? [])
const blog = ref(0)
watch(written, (all) => (blog.value ||= all[0]?.id ?? 0), { immediate: true })
const asked = useRoute().query
const addresses = ref(typeof asked.address === 'string' ? asked.address : '')
const kind = ref<Schemas['ImportKind']>(addresses.value ? 'pages' : 'csv')
const sending = ref<number | null>(null)
const file = ref<HTMLInputElement>()
const kinds: { value: Schemas['ImportKind']; title: string }[] = [
  { value: 'csv', title: t('publishedSpreadsheetCsv') },
  { value: 'feed', title: t('aFeed') },
  { value: 'pages', title: t('webPagesOneAddress') },
]
const over = ref(false)

async function send(chosen: File | undefined): Promise<void> {
  over.value = false
  if (!chosen) return
  sending.value = 0
  act.trouble.value = ''
  try {
    const path = `/api/sites/${id.value}/imports?blog=${blog.value}&name=${encodeURIComponent(chosen.name)}`
    open(await upload<Schemas['ImportView']>('POST', path, chosen, (part) => (sending.value = part)))
  } catch (reason) {
    act.trouble.value = reason instanceof Problem ? `${chosen.name}: ${reason.line}` : lineOf(reason)
  } finally {
    sending.value = null
  }
}

async function read(): Promise<void> {
  const body = { kind: kind.value, addresses: addresses.value.split(/\s*\n\s*/).filter(Boolean), blogId: blog.value }
  const made = await act.run(() =>
    take(api.POST('/api/sites/{site}/imports/from-address', { params: { path: { site: id.value } }, body })),
  )
  if (made) open(made)
}

const open = (made: Schemas['ImportView']) => router.push(`/s/${id.value}/posts/bring-in/${made.summary.id}`)
</script>

<template>
  <PageTitle :title="t('importExport')">
    <template #state>{{ t('importPostsExportYours') }}</template>
  </PageTitle>
  <PostTabs />
  <div class="work sides">
    <section>
      <h2 class="group">{{ t('importPosts') }}</h2>
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <v-select
        v-if="written.length > 1"
        v-model="blog"
        class="mt-3"
        :items="written"
        item-title="name"
        item-value="id"
        :label="t('importInto')"
      />
      <div
        class="drop"
        :class="{ over }"
        @dragover.prevent="over = true"
        @dragleave="over = false"
        @drop.prevent="send($event.dataTransfer?.files[0])"
      >
        <p>
          <v-icon :icon="mdiFileUploadOutline" size="20" /> {{ t('dropFileHere') }}
          <button type="button" class="link" @click="file?.click()">{{ t('chooseOne') }}</button>
          <input
            ref="file"
            type="file"
            class="hidden"
            accept=".csv,.tsv,.txt,.xlsx,.xls,.ods,.html,.htm,.json,.xml,.rss,.atom,.md,.markdown,.zip"
            :aria-label="t('chooseFileBring')"
            @change="send(file?.files?.[0])"
          />
        </p>
        <p class="soft small">
          {{ t('tableCsvJsonFeed') }}
        </p>
        <progress v-if="sending !== null" :value="sending" max="1" />
      </div>
      <form class="form" @submit.prevent="read">
        <p class="soft">{{ t('importFromAddress') }}</p>
        <v-select v-model="kind" :items="kinds" :label="t('type')" />
        <v-textarea
          v-model="addresses"
          :rows="kind === 'pages' ? 4 : 1"
          :label="kind === 'pages' ? t('addressesOnePerLine') : t('address')"
          :error-messages="act.fields.value.addresses"
        />
        <div class="row">
          <v-btn type="submit" variant="outlined" :disabled="!addresses.trim()" :loading="act.running.value">{{
            t('load')
          }}</v-btn>
        </div>
      </form>
      <h2 class="group">{{ t('importHistory') }}</h2>
      <p v-if="imports?.length === 0" class="soft">{{ t('nothingYet') }}</p>
      <table v-else class="ruled">
        <tbody>
          <tr v-for="one in imports" :key="one.id">
            <td>
              <router-link class="t" :to="`/s/${id}/posts/bring-in/${one.id}`">{{ one.name }}</router-link>
              <p class="soft small">
                {{ one.blogName }} · <WhenText :at="one.begunAt" :zone="site?.timeZone" /><template
                  v-if="one.everyMinutes"
                >
                  ·
                  <RichText :of="rich('nextSync')"
                    ><template #when><WhenText :at="one.nextAt" :zone="site?.timeZone" /></template></RichText
                ></template>
              </p>
            </td>
            <td class="soft">
              {{
                one.state === 'matching'
                  ? t('rows', { rows: one.rows })
                  : one.state === 'running'
                    ? t('doneRows', { done: one.done, rows: one.rows })
                    : one.refused
                      ? t('postsRefusedRefused', { made: one.made, refused: one.refused })
                      : t('posts2', { made: one.made })
              }}
            </td>
            <td>
              <span class="tag" :class="states[one.state].tone">{{ states[one.state].name }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <TakeOut :site-id="id" :blogs="blogs ?? []" />
  </div>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
  gap: 0 48px;
}
.drop {
  border: 1px dashed var(--soft);
  border-radius: 6px;
  padding: 18px 20px;
  margin: 14px 0;
}
.drop.over {
  border-color: var(--verdigris);
  background: var(--wash-v);
}
.drop p {
  margin: 0 0 4px;
}
.form {
  margin-bottom: 22px;
}
.hidden {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
td p {
  margin: 2px 0 0;
}
@media (max-width: 860px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
