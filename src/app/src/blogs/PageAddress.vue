<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, type Schemas, take } from '../api'
import { CopyButton, QuestionPart, useAct, WhenText } from '../shared'
import { rich, t } from './texts'
import { RichText } from '../texts'

/** Where the pages answer, and what search engines are told. */
const draft = defineModel<{ hostName: string | null; searchDescription: string | null }>({ required: true })
const props = defineProps<{
  siteId: number
  blogId: number
  stored: Schemas['PagesView']
  fields: Record<string, string[]>
  changed: boolean
}>()
const queries = useQueryClient()
const act = useAct()
const seen = ref<Schemas['HostView'] | null>(null)
const server = computed(() => new URL(props.stored.sitemap).hostname)
const answer = computed(() => (props.stored.hostSeenAt ? props.stored.hostName : new URL(props.stored.address).host)!)

async function look(): Promise<void> {
  seen.value =
    (await act.run(() =>
      take(
        api.POST('/api/sites/{site}/blogs/{blog}/pages/host', {
          params: { path: { site: props.siteId, blog: props.blogId } },
        }),
      ),
    )) ?? null
  await queries.invalidateQueries({ queryKey: ['pages'] })
}
</script>

<template>
  <QuestionPart :title="t('webAddress')" :answer="answer">
    <div class="lines">
      <p class="where">
        <code>{{ props.stored.address }}</code> <CopyButton :text="props.stored.address" :label="t('copyAddress')" />
      </p>
      <v-text-field
        v-model="draft.hostName"
        :label="t('customDomain')"
        density="compact"
        clearable
        spellcheck="false"
        :error-messages="props.fields.hostName"
      />
      <template v-if="props.stored.hostName">
        <p class="small soft">
          {{ t('pointHostnameServerCname', { hostName: props.stored.hostName, server }) }}
        </p>
        <p class="row small">
          <v-btn variant="outlined" height="34" :loading="act.running.value" :disabled="props.changed" @click="look">{{
            t('checkDns')
          }}</v-btn>
          <span v-if="props.stored.hostSeenAt" class="v"
            ><RichText :of="rich('connectedLastChecked')"
              ><template #when><WhenText :at="props.stored.hostSeenAt" /></template></RichText
          ></span>
        </p>
        <p v-if="seen?.trouble || act.trouble.value" class="trouble" role="alert">
          {{ seen?.trouble ?? act.trouble.value }}
        </p>
      </template>
      <v-textarea
        v-model="draft.searchDescription"
        :label="t('metaDescription')"
        rows="2"
        auto-grow
        density="compact"
        :error-messages="props.fields.searchDescription"
      />
      <p class="where small">
        <span class="soft">{{ t('sitemap') }}</span> <code>{{ props.stored.sitemap }}</code>
        <CopyButton :text="props.stored.sitemap" :label="t('copySitemapsAddress')" />
      </p>
    </div>
  </QuestionPart>
</template>

<style scoped>
.lines {
  display: grid;
  gap: 10px;
}
.where {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
code {
  overflow-wrap: anywhere;
  font-size: 13px;
}
</style>
