<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useChangeOfPosts, useTerms } from '../../shared'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

/** A default reaches only posts that say nothing themselves; those that say otherwise are counted here and can be brought in line. */
const props = defineProps<{ siteId: number; blogs: Schemas['BlogLayer'][]; isOn: boolean }>()
const changes = useChangeOfPosts(() => props.siteId)
const since = ref('')
const until = ref('')
const category = ref<string | null>(null)
const { data: terms } = useTerms(() => props.siteId)
const categories = computed(() => terms.value?.categories ?? [])
const touched = ref<number>()
const differing = computed(() =>
  props.blogs.reduce((all, blog) => all + (props.isOn ? blog.postsOff : blog.postsOn), 0),
)
const body = computed<Schemas['BulkRequest']>(() => ({
  posts: null,
  kind: 'comments',
  isOn: props.isOn,
  found: {
    search: null,
    status: null,
    blog: props.blogs.length === 1 ? props.blogs[0]!.id : null,
    author: null,
    category: category.value,
    tag: null,
    from: since.value ? `${since.value}T00:00:00Z` : null,
    to: until.value ? `${until.value}T23:59:59Z` : null,
    withFindings: false,
    bin: false,
  },
}))

watch(
  [body, differing],
  async () => {
    if (!differing.value) return
    const found = await changes.act.run(() =>
      take(
        api.POST('/api/sites/{site}/posts/bulk/forecast', {
          params: { path: { site: props.siteId } },
          body: body.value,
        }),
      ),
    )
    touched.value = found?.posts
  },
  { immediate: true },
)

async function apply(): Promise<void> {
  await changes.make(body.value, (count) =>
    props.isOn ? t('commentsOlderPosts', { posts: count }) : t('commentsOffOlderPosts', { posts: count }),
  )
}
</script>

<template>
  <aside v-if="differing" class="differ">
    <p>
      <RichText
        :of="props.isOn ? rich('postsDifferOff', { posts: differing }) : rich('postsDifferOn', { posts: differing })"
      />
    </p>
    <div class="row">
      <v-text-field
        v-model="since"
        class="since"
        type="date"
        :label="t('publishedFrom')"
        density="compact"
        hide-details
        clearable
      />
      <v-text-field
        v-model="until"
        class="since"
        type="date"
        :label="t('until')"
        density="compact"
        hide-details
        clearable
      />
      <v-select
        v-if="categories.length"
        v-model="category"
        class="since"
        :items="categories"
        :label="t('inTheCategory')"
        density="compact"
        hide-details
        clearable
      />
      <v-btn variant="outlined" :disabled="!touched" :loading="changes.act.running.value" @click="apply">{{
        props.isOn
          ? t('turnCommentsPosts', { touched: touched ?? 0 })
          : t('turnCommentsOffPosts', { touched: touched ?? 0 })
      }}</v-btn>
    </div>
    <p v-if="changes.act.trouble.value" class="trouble" role="alert">{{ changes.act.trouble.value }}</p>
  </aside>
</template>

<style scoped>
.differ {
  background: var(--wash-o);
  border-left: 3px solid var(--ochre);
  padding: 12px 16px;
  margin: 8px 0;
  display: grid;
  gap: 10px;
}
p {
  margin: 0;
}
.row {
  flex-wrap: wrap;
}
.since {
  flex: 1 1 170px;
  max-width: 220px;
}
</style>
