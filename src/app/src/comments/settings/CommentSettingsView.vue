<script setup lang="ts">
import { computed } from 'vue'
import { lineOf } from '../../api'
import { PageTitle, useNotice, useQueryValue, useSite } from '../../shared'
import CommentTabs from '../CommentTabs.vue'
import LayerLines from './LayerLines.vue'
import PostsThatDiffer from './PostsThatDiffer.vue'
import SettingLine from './SettingLine.vue'
import { onOff } from './choices'
import { useCommentSettings } from './useCommentSettings'
import { t } from '../texts'

const { id, site } = useSite()
const { say } = useNotice()
const layer = useQueryValue('layer')
const { query, blog, own, outside, dirty, act, save } = useCommentSettings(id, layer)
const from = computed(() => (blog.value ? t('theSite') : ''))
const layers = computed(() => [
  { value: '', title: site.value?.name ?? '' },
  ...(query.data.value?.blogs ?? []).map((one) => ({ value: String(one.id), title: one.name })),
])

async function keep(): Promise<void> {
  if (await save()) say(blog.value ? t('setName', { name: blog.value.name }) : t('savedSite'))
}
</script>

<template>
  <PageTitle :title="t('commentSettings')">
    <template #state>{{ t('blogsInheritFromSite') }}</template>
    <template #act
      ><v-btn :disabled="!dirty" :loading="act.running.value" @click="keep">{{ t('save') }}</v-btn></template
    >
  </PageTitle>
  <CommentTabs />
  <p v-if="query.error.value" class="work trouble" role="alert">{{ lineOf(query.error.value) }}</p>
  <div v-else-if="query.data.value && outside" class="work">
    <v-select v-model="layer" class="scope" :label="t('appliesTo')" :items="layers" density="compact" hide-details />
    <p v-if="act.trouble.value || Object.keys(act.fields.value).length" class="trouble" role="alert">
      {{ act.trouble.value || Object.values(act.fields.value)[0]?.[0] }}
    </p>
    <SettingLine
      v-model="own.isOn"
      :label="t('readersCanComment')"
      :outside="outside.isOn!"
      :from="from"
      :choices="onOff"
    />
    <PostsThatDiffer
      :site-id="id"
      :blogs="blog ? [blog] : query.data.value.blogs"
      :is-on="(own.isOn ?? outside.isOn)!"
    />
    <LayerLines v-model="own" :outside="outside" :from="from" :problems="act.fields.value" />
  </div>
</template>

<style scoped>
.scope {
  max-width: 420px;
  margin-bottom: 10px;
}
</style>
