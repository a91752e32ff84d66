<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, lineOf, take } from '../api'
import { OneOf, PageFrame, PageTitle, PostTabs, useNotice, useQueryValue, useSite } from '../shared'
import PageAddress from './PageAddress.vue'
import PageColours from './PageColours.vue'
import PageSetting from './PageSetting.vue'
import { usePages } from './usePages'
import { t } from './texts'

/** The pages we serve for a blog: how they look, live, and where they answer. */
const { id, site, mayEdit } = useSite()
const chosen = useQueryValue('blog')
const side = useQueryValue('page')
const { data: all } = useQuery({
  queryKey: ['blogs', id],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: id.value } } })),
})
const blogs = computed(() => (all.value ?? []).filter((blog) => blog.writtenHere))
const blog = computed(() => Number(chosen.value) || blogs.value[0]?.id || 0)
const { draft, stored, preview, isChanged, act, save } = usePages(
  () => id.value,
  () => blog.value,
)
const { say } = useNotice()
const html = computed(
  () => (side.value === 'index' ? preview.value?.index : (preview.value?.post ?? preview.value?.index)) ?? null,
)
const saving = ref(false)

async function put(): Promise<void> {
  saving.value = true
  if (await save()) say(t('savedPagesUseStyle'))
  saving.value = false
}
</script>

<template>
  <PageTitle :title="t('blogPages')">
    <template #state
      ><span role="status">{{ !draft ? '' : isChanged ? t('notPublishedYet') : t('readersSeeThem') }}</span></template
    >
    <template #act>
      <v-btn
        v-if="stored.data.value"
        variant="outlined"
        :href="stored.data.value.address"
        target="_blank"
        rel="noopener"
        >{{ t('openPages') }}</v-btn
      >
      <v-btn v-if="mayEdit" :disabled="!isChanged" :loading="saving" @click="put">{{ t('publishChanges') }}</v-btn>
    </template>
  </PageTitle>
  <PostTabs />
  <p v-if="stored.error.value" class="work trouble" role="alert">{{ lineOf(stored.error.value) }}</p>
  <div v-else-if="all && blogs.length === 0" class="work empty">
    <h2>{{ t('noBlogYet') }}</h2>
    <p>{{ t('blogPagesPostsWritten') }}</p>
    <v-btn :to="`/s/${id}/connect`">{{ t('startBlog') }}</v-btn>
  </div>
  <p v-else-if="!draft || !site" class="work waiting">{{ t('loading') }}</p>
  <div v-else class="work split">
    <fieldset class="questions" :disabled="!mayEdit">
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <v-select
        v-if="blogs.length > 1"
        :model-value="blog"
        :label="t('blog')"
        density="compact"
        :items="blogs.map((one) => ({ value: one.id, title: one.name }))"
        @update:model-value="(value: number) => (chosen = String(value))"
      />
      <PageSetting v-model="draft.look" :fields="act.fields.value" />
      <PageColours
        v-model="draft.look"
        :site-id="id"
        :address="site.address"
        :contrast="stored.data.value?.contrast ?? []"
        :fields="act.fields.value"
      />
      <PageAddress
        v-model="draft"
        :site-id="id"
        :blog-id="blog"
        :stored="stored.data.value!"
        :fields="act.fields.value"
        :changed="isChanged"
      />
    </fieldset>
    <div class="right">
      <PageFrame :html="html" :title="t('pageLook')">
        <OneOf
          v-model="side"
          :label="t('whichPage')"
          :choices="[
            ['', t('postPage')],
            ['index', t('blogIndex')],
          ]"
        />
      </PageFrame>
    </div>
  </div>
</template>

<style scoped>
.questions {
  width: 432px;
  flex: none;
  padding: 12px 24px 40px;
  border: 0;
  margin: 0;
}
.right {
  flex: 1;
  min-width: 0;
  border-left: 1px solid var(--rule);
  display: flex;
  flex-direction: column;
}
@media (max-width: 860px) {
  .questions {
    width: auto;
    padding: 12px 16px 20px;
  }
  .right {
    border-left: 0;
    height: 80vh;
  }
}
</style>
