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
    <div class="pills" role="group" :aria-label="t('appliesTo')">
      <button class="pill" :class="{ on: !blog }" :aria-pressed="!blog" @click="layer = ''">{{ site?.name }}</button>
      <button
        v-for="one in query.data.value.blogs"
        :key="one.id"
        class="pill"
        :class="{ on: blog?.id === one.id }"
        :aria-pressed="blog?.id === one.id"
        @click="layer = String(one.id)"
      >
        {{ one.name }}
      </button>
    </div>
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
.pills {
  margin-bottom: 8px;
}
</style>
