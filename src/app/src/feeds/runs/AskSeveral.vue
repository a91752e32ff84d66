<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Problem, take, upload } from '../../api'
import { FilePick, useAct, useRefresh, useSite, WhenText } from '../../shared'
import { t } from '../texts'

/** Several feeds at once: addresses, a list of subscriptions, files or a folder; and what was checked so before. */
const { id, site, mayEdit } = useSite()
const router = useRouter()
const act = useAct()
const list = ref('')
const files = ref<File[]>([])
const sent = ref(0)
const addresses = computed(() => list.value.split('\n').filter((line) => line.trim() && !line.startsWith('#')).length)
const { data: runs } = useQuery({
  queryKey: ['check-runs', id],
  queryFn: () => take(api.GET('/api/sites/{site}/feeds/runs', { params: { path: { site: id.value } } })),
})
const reload = useRefresh('check-runs')
const endings = /\.(xml|rss|atom|rdf|json|opml|txt)$/i

function choose(chosen: File[]): void {
  files.value = [...files.value, ...chosen.filter((file) => endings.test(file.name))]
}

/** Sends every file; one that is refused keeps none of the others back. */
async function send(run: number): Promise<string[]> {
  const refused: string[] = []
  for (const file of files.value) {
    try {
      const name = file.webkitRelativePath || file.name
      await upload('POST', `/api/sites/${id.value}/feeds/runs/${run}/documents?name=${encodeURIComponent(name)}`, file)
    } catch (reason) {
      if (!(reason instanceof Problem)) throw reason
      refused.push(reason.line)
    }
    sent.value++
  }
  return refused
}

async function start(): Promise<void> {
  sent.value = 0
  const made = await act.run(async () => {
    const run = await take(
      api.POST('/api/sites/{site}/feeds/runs', {
        params: { path: { site: id.value } },
        body: { list: list.value, hasDocuments: files.value.length > 0 },
      }),
    )
    return { run, refused: await send(run.id) }
  })
  if (!made) return
  await reload()
  if (made.refused.length === 0) void router.push(`/s/${id.value}/feeds/runs/${made.run.id}`)
  else act.trouble.value = made.refused.join(' ')
}
</script>

<template>
  <div class="several">
    <form v-if="mayEdit" novalidate @submit.prevent="start">
      <h2 class="group">{{ t('severalFeeds') }}</h2>
      <p class="soft small lead">{{ t('severalFeedsLead') }}</p>
      <v-textarea
        v-model="list"
        class="mono"
        name="list"
        :label="t('addressesOneLine')"
        rows="4"
        max-rows="12"
        :error-messages="act.fields.value.list"
      />
      <div class="row">
        <v-btn
          type="submit"
          variant="outlined"
          :loading="act.running.value"
          :disabled="!list.trim() && !files.length"
          >{{ t('checkFeeds', { feeds: addresses + files.length }) }}</v-btn
        >
        <FilePick name="files" multiple accept=".xml,.rss,.atom,.rdf,.json,.opml,.txt" @files="choose">{{
          t('addFiles')
        }}</FilePick>
        <FilePick class="folder" name="folder" folder @files="choose">{{ t('addFolder') }}</FilePick>
        <span v-if="act.running.value && files.length" class="soft small" role="status">{{
          t('sentFiles', { sent, files: files.length })
        }}</span>
      </div>
      <p v-if="files.length" class="small soft chosen">
        {{ t('chosenFiles', { files: files.length }) }}
        <button type="button" class="link" @click="files = []">{{ t('removeFiles') }}</button>
      </p>
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    </form>
    <section v-if="runs?.length">
      <h2 class="group">{{ t('earlierChecks') }}</h2>
      <ul>
        <li v-for="run in runs" :key="run.id">
          <router-link class="link" :to="`/s/${id}/feeds/runs/${run.id}`">{{
            t('feedsCount', { feeds: run.feeds })
          }}</router-link>
          <WhenText :at="run.startedAt" :zone="site?.timeZone" />
          <span class="soft">{{
            run.checked < run.feeds
              ? t('checkedOf', { checked: run.checked, feeds: run.feeds })
              : t('withErrors', { faulty: run.withErrors })
          }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.several {
  display: grid;
  gap: 18px;
}
.lead {
  padding: 8px 0 14px;
}
.mono :deep(textarea) {
  font-family: var(--mono);
}
.row {
  padding-top: 12px;
}
.chosen {
  padding-top: 8px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  padding: 8px 0;
  border-bottom: 1px solid var(--hair);
}
@media (hover: none) {
  .folder {
    display: none;
  }
}
</style>
