<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiChevronRight, mdiPinOutline, mdiRss, mdiStarOutline } from '@mdi/js'
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { WhenText } from '../../shared'
import { statuses } from '../status'
import type { Column } from './columns'
import { columns as names } from './columns'
import type { useBulk } from './useBulk'
import { t } from '../texts'

const sort = defineModel<string>('sort', { required: true })
const opened = defineModel<string>('opened', { required: true })
const props = defineProps<{
  siteId: number
  posts: Schemas['PostSummary'][]
  columns: Column[]
  zone: string | undefined
  mayEdit: boolean
  bulk: ReturnType<typeof useBulk>
}>()
const { chosen, everything } = props.bulk
const shown = computed(() => (Object.keys(names) as Column[]).filter((name) => props.columns.includes(name)))
const all = computed(() => props.posts.length > 0 && props.posts.every((post) => chosen.value.has(post.id)))
const orders: Partial<Record<Column | 'title', string[]>> = {
  title: ['title'],
  date: ['', 'oldest'],
  changed: ['changed'],
}

function order(name: Column | 'title'): void {
  const ways = orders[name]!
  sort.value = ways[(ways.indexOf(sort.value) + 1) % ways.length]!
}

function arrow(name: Column | 'title'): string | null {
  if (!orders[name]?.includes(sort.value)) return null
  return sort.value === 'oldest' || sort.value === 'title' ? mdiArrowUp : mdiArrowDown
}
</script>

<template>
  <table class="ruled posts">
    <thead>
      <tr>
        <th v-if="props.mayEdit" class="pick">
          <input
            type="checkbox"
            :checked="all || everything"
            :aria-label="t('chooseAllPostsShown')"
            @change="props.bulk.toggleAll()"
          />
        </th>
        <th class="name" :aria-sort="arrow('title') ? 'ascending' : undefined">
          <button type="button" class="order" @click="order('title')">
            {{ t('title') }}<v-icon v-if="arrow('title')" :icon="arrow('title')!" size="13" />
          </button>
        </th>
        <th v-for="name in shown" :key="name" :class="[name, { wide: name !== 'status' && name !== 'date' }]">
          <button v-if="orders[name]" type="button" class="order" @click="order(name)">
            {{ names[name] }}<v-icon v-if="arrow(name)" :icon="arrow(name)!" size="13" />
          </button>
          <template v-else>{{ names[name] }}</template>
        </th>
        <th />
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="post in props.posts"
        :key="post.id"
        :class="{ picked: chosen.has(post.id) || everything, on: opened === String(post.id) }"
      >
        <td v-if="props.mayEdit" class="pick">
          <input
            type="checkbox"
            :checked="chosen.has(post.id) || everything"
            :aria-label="t('chooseTitle', { title: post.title })"
            @change="props.bulk.toggle(post.id)"
          />
        </td>
        <td class="name">
          <router-link class="t" :to="`/s/${props.siteId}/posts/${post.id}`">{{ post.title }}</router-link>
          <v-icon
            v-if="post.isPinned"
            :icon="mdiPinOutline"
            size="15"
            class="sign"
            :aria-label="t('pinned')"
            :title="t('pinned')"
          />
          <v-icon
            v-if="post.isFeatured"
            :icon="mdiStarOutline"
            size="15"
            class="sign"
            :aria-label="t('featured')"
            :title="t('featured')"
          />
        </td>
        <td
          v-for="name in shown"
          :key="name"
          class="soft"
          :class="[name, { wide: name !== 'status' && name !== 'date' }]"
        >
          <span v-if="name === 'status' && post.status === 'published'" class="wide">{{
            statuses.published.name
          }}</span>
          <span v-else-if="name === 'status'" class="tag" :class="statuses[post.status].tone">{{
            statuses[post.status].name
          }}</span>
          <template v-else-if="name === 'blog'"
            >{{ post.blogName
            }}<v-icon
              v-if="!post.writtenHere"
              :icon="mdiRss"
              size="14"
              class="from"
              :aria-label="t('followed')"
              :title="t('followed')"
          /></template>
          <template v-else-if="name === 'tags'">{{ post.tags.join(', ') }}</template>
          <WhenText v-else-if="name === 'date'" :at="post.publishedAt ?? post.updatedAt" :zone="props.zone" />
          <WhenText v-else-if="name === 'changed'" :at="post.updatedAt" :zone="props.zone" />
          <span v-else-if="name === 'findings'" :class="{ o: post.findings > 0 }">{{ post.findings || '' }}</span>
          <template v-else>{{ post[name] }}</template>
        </td>
        <td class="tools">
          <button
            type="button"
            class="link"
            :aria-expanded="opened === String(post.id)"
            :aria-label="t('detailsOfTitle', { title: post.title })"
            @click="opened = opened === String(post.id) ? '' : String(post.id)"
          >
            <span class="wide">{{ t('details') }}</span><v-icon class="narrow" :icon="mdiChevronRight" size="22" />
          </button>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.pick {
  width: 30px;
}
.pick input {
  width: 16px;
  height: 16px;
  accent-color: var(--verdigris);
  vertical-align: -2px;
}
.order {
  background: none;
  border: 0;
  padding: 0;
  color: inherit;
  cursor: pointer;
  display: inline-flex;
  gap: 3px;
  align-items: center;
}
.order:hover {
  color: var(--ink);
}
.sign {
  color: var(--ochre);
  margin-left: 5px;
  vertical-align: 0;
}
.date,
.changed {
  white-space: nowrap;
}
.from {
  color: var(--soft);
  margin-left: 5px;
  vertical-align: -1px;
}
.tools {
  text-align: right;
}
.tools .link {
  min-height: 24px;
  color: var(--soft);
  font-weight: 500;
}
tr:hover .link,
.tools .link[aria-expanded='true'] {
  color: var(--verdigris);
}
.picked td {
  background: var(--wash-v);
}
.on td {
  background: var(--sheet);
}
.beside td.wide,
.beside th.wide {
  display: none;
}
.narrow {
  display: none;
}
/* On a phone a row is two lines: the title, then where it stands and when. */
@media (max-width: 860px) {
  .wide,
  th.status {
    display: none;
  }
  .narrow {
    display: inline-flex;
  }
  .posts tr {
    display: grid;
    grid-template-columns: 30px auto minmax(0, 1fr) 32px;
    align-items: baseline;
    border-bottom: 1px solid var(--hair);
    padding: 9px 0;
  }
  .posts tr > * {
    border: 0;
    padding: 0;
  }
  .name {
    grid-column: 2 / 4;
  }
  .posts thead .name {
    grid-column: 2;
  }
  .posts td.status,
  .posts td.date {
    grid-row: 2;
  }
  .posts td.status {
    grid-column: 2;
  }
  td.status .tag {
    margin-right: 8px;
  }
  .posts td.date {
    grid-column: 3;
  }
  .posts thead .date {
    text-align: right;
  }
  .tools {
    grid-column: 4;
    grid-row: 1 / 3;
    align-self: center;
  }
}
</style>
