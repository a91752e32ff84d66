<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiContentCopy, mdiPencilOutline, mdiPinOutline, mdiStarOutline } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { WhenText } from '../../shared'
import { statuses } from '../status'
import QuickEdit from './QuickEdit.vue'
import type { Column } from './columns'
import { columns as names } from './columns'
import type { useBulk } from './useBulk'
import { t } from '../texts'

const sort = defineModel<string>('sort', { required: true })
const props = defineProps<{
  siteId: number
  posts: Schemas['PostSummary'][]
  columns: Column[]
  zone: string | undefined
  mayEdit: boolean
  bulk: ReturnType<typeof useBulk>
  terms: Schemas['TermsView'] | undefined
}>()
const emit = defineEmits<{ copy: [post: Schemas['PostSummary']] }>()
const { chosen, everything } = props.bulk
const editing = ref<number | null>(null)
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

function finish(changed: boolean): void {
  editing.value = null
  if (changed) props.bulk.refresh()
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
        <th :aria-sort="arrow('title') ? 'ascending' : undefined">
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
        <th class="wide" />
      </tr>
    </thead>
    <tbody>
      <template v-for="post in props.posts" :key="post.id">
        <tr :class="{ picked: chosen.has(post.id) || everything }">
          <td v-if="props.mayEdit" class="pick">
            <input
              type="checkbox"
              :checked="chosen.has(post.id) || everything"
              :aria-label="t('chooseTitle', { title: post.title })"
              @change="props.bulk.toggle(post.id)"
            />
          </td>
          <td>
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
            <span v-if="name === 'status'" class="tag" :class="statuses[post.status].tone">{{
              statuses[post.status].name
            }}</span>
            <template v-else-if="name === 'blog'"
              >{{ post.blogName }}{{ post.writtenHere ? '' : ' (followed)' }}</template
            >
            <template v-else-if="name === 'tags'">{{ post.tags.join(', ') }}</template>
            <WhenText v-else-if="name === 'date'" :at="post.publishedAt ?? post.updatedAt" :zone="props.zone" />
            <WhenText v-else-if="name === 'changed'" :at="post.updatedAt" :zone="props.zone" />
            <span v-else-if="name === 'findings'" :class="{ o: post.findings > 0 }">{{ post.findings || '' }}</span>
            <template v-else>{{ post[name] }}</template>
          </td>
          <td class="wide tools">
            <template v-if="props.mayEdit && post.writtenHere && !post.deletedAt">
              <button
                type="button"
                :aria-label="t('editDetailsTitle', { title: post.title })"
                :title="t('editRow')"
                @click="editing = editing === post.id ? null : post.id"
              >
                <v-icon :icon="mdiPencilOutline" size="17" />
              </button>
              <button
                type="button"
                :aria-label="t('duplicateTitle', { title: post.title })"
                :title="t('copyIntoDraft')"
                @click="emit('copy', post)"
              >
                <v-icon :icon="mdiContentCopy" size="16" />
              </button>
            </template>
            <a
              v-if="post.status === 'published' && !post.deletedAt"
              class="link small"
              :href="post.address"
              target="_blank"
              rel="noopener"
              >{{ t('view') }}</a
            >
          </td>
        </tr>
        <tr v-if="editing === post.id" class="editing">
          <td v-if="props.mayEdit" />
          <td :colspan="shown.length + 2">
            <QuickEdit :site-id="props.siteId" :post="post" :terms="props.terms" @done="finish" />
          </td>
        </tr>
      </template>
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
.tools {
  white-space: nowrap;
  text-align: right;
}
.tools button {
  background: none;
  border: 0;
  padding: 2px 5px;
  cursor: pointer;
  color: var(--soft);
  border-radius: 4px;
}
.tools button:hover {
  color: var(--verdigris);
  background: var(--hair);
}
.picked td {
  background: var(--wash-v);
}
.editing td {
  padding-top: 0;
}
@media (max-width: 860px) {
  .wide {
    display: none;
  }
}
</style>
