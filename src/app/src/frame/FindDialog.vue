<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, take } from '../api'
import { places } from './places'
import { t } from './texts'

const props = defineProps<{ siteId: number }>()
const open = defineModel<boolean>({ required: true })
const words = ref('')
const asked = refDebounced(words, 150)
const at = ref(0)
const router = useRouter()
const { data } = useQuery({
  queryKey: ['find', () => props.siteId, asked],
  queryFn: () =>
    take(api.GET('/api/sites/{site}/find', { params: { path: { site: props.siteId }, query: { q: asked.value } } })),
  enabled: () => open.value && asked.value.trim().length > 0,
})

const screens = [
  { name: t('coverage'), path: '' },
  ...places.going,
  ...places.coming,
  { name: t('checkFeed'), path: 'feeds/check' },
  { name: t('connectBlog'), path: 'connect' },
  { name: t('writePost'), path: 'posts/new' },
  { name: t('settings'), path: 'settings' },
]
const links: Record<string, (id: number) => string> = {
  post: (id) => `posts/${id}`,
  listing: (id) => `listings/${id}`,
  blog: () => 'feeds',
}
const found = computed(() => {
  const wanted = words.value.trim().toLowerCase()
  const matching = screens
    .filter((screen) => screen.name.toLowerCase().includes(wanted))
    .map((screen) => ({ title: screen.name, detail: t('screen'), to: screen.path }))
  const things = wanted
    ? (data.value ?? []).map((one) => ({
        title: one.title,
        detail: one.detail ?? one.kind,
        to: links[one.kind]!(one.id),
      }))
    : []
  return [...things, ...matching].slice(0, 12)
})
watch([words, open], () => (at.value = 0))

function go(index = at.value): void {
  const target = found.value[index]
  if (!target) return
  open.value = false
  words.value = ''
  void router.push(`/s/${props.siteId}/${target.to}`)
}

function move(by: number): void {
  at.value = (at.value + by + found.value.length) % Math.max(1, found.value.length)
}
</script>

<template>
  <v-dialog v-model="open" max-width="560">
    <v-card class="find" @keydown.down.prevent="move(1)" @keydown.up.prevent="move(-1)" @keydown.enter.prevent="go()">
      <v-text-field v-model="words" autofocus :label="t('searchPostsListingsBlogs')" aria-controls="found" />
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
      <p v-if="found.length === 0" class="soft">{{ t('noResults') }}</p>
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
