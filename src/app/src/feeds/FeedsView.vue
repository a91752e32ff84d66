<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { lineOf } from '../api/problem'
import CopyButton from '../shared/CopyButton.vue'
import PageTitle from '../shared/PageTitle.vue'
import WhenText from '../shared/WhenText.vue'
import { counted } from '../shared/counted'
import { useAct } from '../shared/useAct'
import { useSite } from '../sites/useSite'

const { id, site, mayEdit } = useSite()
const queries = useQueryClient()
const feeds = useQuery({ queryKey: ['feeds', id], queryFn: () => take(api.GET('/api/sites/{site}/feeds', { params: { path: { site: id.value } } })) })
const blogs = useQuery({
  queryKey: ['blogs', id],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: id.value } } })),
  refetchInterval: 15_000,
})
const followed = computed(() => blogs.data.value?.filter((blog) => blog.following) ?? [])
const troubled = computed(() => followed.value.filter((blog) => blog.following!.problem).length)
const act = useAct()
const visiting = ref(0)

async function visit(blog: Schemas['BlogView']): Promise<void> {
  visiting.value = blog.id
  await act.run(() => take(api.POST('/api/sites/{site}/blogs/{blog}/visit', { params: { path: { site: id.value, blog: blog.id } } })))
  visiting.value = 0
  await queries.invalidateQueries({ queryKey: ['blogs'] })
}
</script>

<template>
  <PageTitle title="Feeds">
    <template #state
      >{{ counted(feeds.data.value?.length ?? 0, 'feed') }} of ours, {{ followed.length }} followed{{ troubled ? `, ${troubled} in trouble` : '' }}.</template
    >
    <template #act
      ><v-btn v-if="mayEdit" variant="outlined" :to="`/s/${id}/connect`">Follow a feed</v-btn><v-btn :to="`/s/${id}/feeds/check`">Check a feed</v-btn></template
    >
  </PageTitle>
  <div class="work">
    <p v-if="feeds.error.value" class="trouble" role="alert">{{ lineOf(feeds.error.value) }}</p>
    <h2 class="group">Our feeds</h2>
    <p v-if="feeds.data.value?.length === 0" class="waiting">A feed is published for every blog. Connect or start one first.</p>
    <article v-for="feed in feeds.data.value" :key="feed.blogId" class="feed">
      <div>
        <h3>{{ feed.blogName }}</h3>
        <p class="soft small">{{ counted(feed.entries, 'entry', 'entries') }}{{ feed.isFollowed ? ', carried on from the followed feed' : '' }}</p>
      </div>
      <ul>
        <li
          v-for="[name, address] in [
            ['RSS', feed.rss],
            ['Atom', feed.atom],
            ['JSON', feed.json],
          ] as const"
          :key="name"
        >
          <span class="name">{{ name }}</span><a class="address" :href="address" target="_blank" rel="noopener">{{ address }}</a
          ><CopyButton :text="address" :label="`Copy the ${name} address`" />
        </li>
      </ul>
      <router-link class="link small" :to="`/s/${id}/feeds/check?url=${encodeURIComponent(feed.rss)}`">Check it</router-link>
    </article>
    <h2 class="group">Followed feeds</h2>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <p v-if="blogs.data.value && followed.length === 0" class="waiting">No feed is followed yet.</p>
    <table v-else class="ruled">
      <thead>
        <tr>
          <th>Blog</th>
          <th>State</th>
          <th class="wide">Last visit</th>
          <th class="wide">Next visit</th>
          <th class="num">Posts</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="blog in followed" :key="blog.id">
          <td>
            <span class="t">{{ blog.name }}</span><br /><span class="address">{{ blog.following!.feedAddress }}</span>
          </td>
          <td>
            <span v-if="!blog.following!.problem" class="tag v">Well</span
            ><template v-else
              ><span class="tag m">In trouble</span>
              <p class="small problem">{{ blog.following!.problem }} Last good visit <WhenText :at="blog.following!.lastGoodAt" />.</p></template
            >
          </td>
          <td class="wide soft"><WhenText :at="blog.following!.lastVisitAt" :zone="site?.timeZone" /></td>
          <td class="wide soft"><WhenText :at="blog.following!.nextVisitAt" :zone="site?.timeZone" /></td>
          <td class="num">{{ blog.posts }}</td>
          <td class="acts">
            <button v-if="mayEdit" class="link small" :disabled="visiting === blog.id" @click="visit(blog)">
              {{ visiting === blog.id ? 'Visiting …' : 'Visit now' }}
            </button>
            <router-link class="link small" :to="`/s/${id}/feeds/check?url=${encodeURIComponent(blog.following!.feedAddress)}`">Check it</router-link>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.feed {
  display: grid;
  grid-template-columns: 240px minmax(0, 1fr) auto;
  gap: 8px 24px;
  padding: 14px 0;
  border-bottom: 1px solid var(--hair);
  align-items: start;
}
.feed h3 {
  font-size: 19px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
}
.name {
  width: 44px;
  color: var(--soft);
  font-size: 13px;
  flex: none;
}
.acts {
  white-space: nowrap;
  text-align: right;
}
.acts > * + * {
  margin-left: 14px;
}
.problem {
  max-width: 34rem;
  margin-top: 4px;
}
@media (max-width: 860px) {
  .feed {
    grid-template-columns: 1fr;
  }
  .wide {
    display: none;
  }
  li {
    flex-wrap: wrap;
    gap: 4px 10px;
  }
  .acts {
    white-space: normal;
  }
}
</style>
