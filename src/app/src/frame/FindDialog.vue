<script setup lang="ts">
import { refDebounced, useStorage } from '@vueuse/core'
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, take } from '../api'
import { doorsFor, type Door } from './doors'
import { t } from './texts'

const props = defineProps<{ siteId: number }>()
const open = defineModel<boolean>({ required: true })
const words = ref('')
const asked = refDebounced(words, 150)
const at = ref(0)
const field = useTemplateRef('field')
const router = useRouter()
const { data } = useQuery({
  queryKey: ['find', () => props.siteId, asked],
  queryFn: () =>
    take(api.GET('/api/sites/{site}/find', { params: { path: { site: props.siteId }, query: { q: asked.value } } })),
  enabled: () => open.value && asked.value.trim().length > 0,
})

const links: Record<string, (id: number) => string> = {
  post: (id) => `posts/${id}`,
  listing: (id) => `listings/${id}`,
  blog: () => 'feeds',
}
interface Target {
  title: string
  detail: string
  to: string
}
/** Where one went from here last, newest first, by site: what is there has its numbers from it. */
const visited = useStorage<Record<number, Target[]>>('antiphon-found-places', {})
const recent = computed(() => visited.value[props.siteId] ?? [])
const most = 12
const mostRecent = 6

const targetOf = (door: Door): Target => ({
  title: door.name,
  detail: door.isSetting ? t('setting') : t('screen'),
  to: door.isSetting ? `${door.path}?mark=${encodeURIComponent(door.name)}` : door.path,
})
const found = computed<Target[]>(() => {
  if (!words.value.trim()) return recent.value
  const { named, known } = doorsFor(words.value)
  const things = (data.value ?? []).map((one) => ({
    title: one.title,
    detail: one.detail ?? one.kind,
    to: links[one.kind]!(one.id),
  }))
  return [...named.map(targetOf), ...things, ...known.map(targetOf)].slice(0, most)
})
watch([words, open], () => (at.value = 0))
watch(open, async (isOpen) => {
  if (!isOpen) return
  await nextTick()
  field.value?.querySelector('input')?.select()
})

function go(index = at.value): void {
  const target = found.value[index]
  if (!target) return
  open.value = false
  const others = recent.value.filter((one) => one.to !== target.to)
  visited.value = { ...visited.value, [props.siteId]: [target, ...others].slice(0, mostRecent) }
  void router.push(`/s/${props.siteId}/${target.to}`)
}

function move(by: number): void {
  at.value = (at.value + by + found.value.length) % Math.max(1, found.value.length)
}
</script>

<template>
  <v-dialog v-model="open" max-width="560">
    <v-card class="find" @keydown.down.prevent="move(1)" @keydown.up.prevent="move(-1)" @keydown.enter.prevent="go()">
      <div ref="field">
        <v-text-field v-model="words" autofocus :label="t('searchPostsListingsBlogs')" aria-controls="found" />
      </div>
      <p v-if="!words.trim() && recent.length" class="soft small">{{ t('recent') }}</p>
      <ul id="found" role="listbox">
        <li
          v-for="(one, index) in found"
          :key="one.to + one.title"
          role="option"
          :aria-selected="index === at"
          :class="{ on: index === at }"
          @click="go(index)"
          @mousemove="at = index"
        >
          <span class="t">{{ one.title }}</span><span class="soft small">{{ one.detail }}</span>
        </li>
      </ul>
      <p v-if="found.length === 0" class="soft">{{ words.trim() ? t('noResults') : t('findHint') }}</p>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.find {
  padding: 18px;
}
ul {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 8px 10px;
  border-bottom: 1px solid var(--hair);
  cursor: pointer;
}
li.on {
  background: var(--wash-v);
}
li .t {
  font-size: 17px;
}
</style>
