<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, type Schemas, take } from '../api'
import { useAct, useNotice, useRefresh } from '../shared'
import { t } from './texts'

/** What happens to the posts of a blog when it is disconnected; either way can be undone. */
const props = defineProps<{ siteId: number; blog: Schemas['BlogView']; mayRemove: boolean }>()
const emit = defineEmits<{ close: [] }>()
const way = ref<'keep' | 'remove'>(props.blog.following ? 'keep' : 'remove')
const act = useAct()
const { say } = useNotice()
const reload = useRefresh('blogs', 'removed-blogs', 'coverage', 'posts', 'feeds', 'followed', 'listings')
const path = { site: props.siteId, blog: props.blog.id }
const { data: reach } = useQuery({
  queryKey: ['blog-reach', props.siteId, props.blog.id],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs/{blog}/reach', { params: { path } })),
})

async function keep(): Promise<void> {
  const stopped = await act.run(() =>
    take(api.DELETE('/api/sites/{site}/blogs/{blog}/following', { params: { path } })),
  )
  if (!stopped) return
  await reload()
  say(t('nameNoLongerFollowed', { name: props.blog.name }), async () => {
    await take(api.POST('/api/sites/{site}/blogs/{blog}/following', { params: { path }, body: stopped }))
    await reload()
  })
  emit('close')
}

async function remove(): Promise<void> {
  const gone = await act.run(
    async () => (await take(api.DELETE('/api/sites/{site}/blogs/{blog}', { params: { path } })), true),
  )
  if (!gone) return
  await reload()
  say(t('nameRemoved', { name: props.blog.name }), async () => {
    await take(api.POST('/api/sites/{site}/blogs/{blog}/restore', { params: { path } }))
    await reload()
  })
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="520" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form class="form" @submit.prevent="way === 'keep' ? keep() : remove()">
        <h2>{{ t('disconnectName', { name: props.blog.name }) }}</h2>
        <v-radio-group v-if="props.blog.following && props.mayRemove" v-model="way" hide-details>
          <v-radio value="keep">
            <template #label
              ><span
                >{{ t('stopFollowing') }}<br /><span class="soft small">{{
                  t('postsStayNoNewOnes', { posts: props.blog.posts })
                }}</span></span
              ></template
            >
          </v-radio>
          <v-radio value="remove">
            <template #label
              ><span
                >{{ t('removeBlogPosts') }}<br /><span class="soft small">{{
                  t('postsLeaveEverything', { posts: props.blog.posts })
                }}</span></span
              ></template
            >
          </v-radio>
        </v-radio-group>
        <p v-else class="soft">
          {{
            props.blog.following
              ? t('postsStayNoNewOnes', { posts: props.blog.posts })
              : t('postsLeaveEverything', { posts: props.blog.posts })
          }}
        </p>
        <p v-if="way === 'remove' && reach?.listings.length" class="hint">
          {{ t('listingsShowIt', { listings: reach.listings.length, names: reach.listings.join(', ') }) }}
        </p>
        <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
        <div class="row">
          <v-btn type="submit" :color="way === 'remove' ? 'error' : undefined" :loading="act.running.value">{{
            way === 'keep' ? t('stopFollowing') : t('removeBlog')
          }}</v-btn><v-btn variant="text" @click="emit('close')">{{ t('cancel') }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.v-radio + .v-radio {
  margin-top: 14px;
}
.v-radio :deep(.v-label) {
  line-height: 1.35;
}
</style>
