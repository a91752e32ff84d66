<script setup lang="ts">
import { useInfiniteQuery, useQueryClient } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, reactive, ref } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { lineOf } from '../api/problem'
import PageTitle from '../shared/PageTitle.vue'
import WhenText from '../shared/WhenText.vue'
import { counted } from '../shared/counted'
import { useAct } from '../shared/useAct'
import { useNotice } from '../shared/useNotice'
import { useQueryValue } from '../shared/useQueryValue'
import { useSite } from '../sites/useSite'
import ListDialog from './ListDialog.vue'
import QuestionsPart from './QuestionsPart.vue'

const { id, site, mayEdit } = useSite()
const search = useQueryValue('search')
const part = useQueryValue('part')
const parts = [
  ['', 'Subscribers'],
  ['questions', 'Questions'],
] as const
const asked = refDebounced(search, 200)
const path = () => ({ site: id.value })
const { data, error, hasNextPage, fetchNextPage } = useInfiniteQuery({
  queryKey: ['subscribers', id, asked],
  queryFn: ({ pageParam }) =>
    take(api.GET('/api/sites/{site}/subscribers', { params: { path: path(), query: { search: asked.value || undefined, before: pageParam || undefined } } })),
  initialPageParam: 0,
  getNextPageParam: (page) => page.next ?? undefined,
})
const origins: Record<Schemas['SubscriberOrigin'], string> = { unknown: '', form: 'by the form', hand: 'by hand', list: 'by a list' }
const isBringing = ref(false)
const people = computed(() => data.value?.pages.flatMap((page) => page.subscribers) ?? [])
const counts = computed(() => data.value?.pages[0])
const person = reactive({ mail: '', name: '', reason: '' })
const { running, trouble, fields, run } = useAct()
const { say } = useNotice()
const queries = useQueryClient()
const reload = () => queries.invalidateQueries({ queryKey: ['subscribers'] })

async function add(): Promise<void> {
  const done = await run(
    async () => (
      await take(
        api.POST('/api/sites/{site}/subscribers', {
          params: { path: path() },
          body: { mail: person.mail, name: person.name || null, reason: person.reason || null },
        }),
      ),
      true
    ),
  )
  if (!done) return
  say(`${person.mail} gets the next post by mail.`)
  Object.assign(person, { mail: '', name: '', reason: '' })
  await reload()
}

const leave = (one: Schemas['SubscriberView']) =>
  take(api.POST('/api/sites/{site}/subscribers/{subscriber}/leave', { params: { path: { ...path(), subscriber: one.id } } }))
const comeBack = (one: Schemas['SubscriberView']) =>
  take(api.POST('/api/sites/{site}/subscribers/{subscriber}/return', { params: { path: { ...path(), subscriber: one.id } } }))

async function toggle(one: Schemas['SubscriberView']): Promise<void> {
  const [act, back, words] = one.leftAt ? [comeBack, leave, 'gets mails again'] : [leave, comeBack, 'gets no more mails']
  await run(() => act(one))
  say(`${one.mail} ${words}.`, async () => {
    await back(one)
    await reload()
  })
  await reload()
}
</script>

<template>
  <PageTitle title="Readers"
    ><template #state v-if="counts">{{ counted(counts.active, 'subscriber') }} by mail, {{ counts.left }} left.</template>
    <template #act v-if="mayEdit"
      ><v-btn variant="text" :href="`/api/sites/${id}/subscribers/list.csv`">Take the list out</v-btn
      ><v-btn variant="outlined" @click="isBringing = true">Bring a list in</v-btn></template
    ></PageTitle
  >
  <ListDialog v-if="isBringing" v-model="isBringing" :site-id="id" />
  <nav class="tabs inset" aria-label="Around readers">
    <button
      v-for="[value, name] in parts"
      :key="value"
      type="button"
      :class="{ on: part === value }"
      :aria-current="part === value ? 'page' : undefined"
      @click="part = value"
    >
      {{ name }}
    </button>
  </nav>
  <div v-if="part === 'questions'" class="work"><QuestionsPart :site-id="id" :may-edit="mayEdit" :zone="site?.timeZone" /></div>
  <div v-else class="work">
    <form v-if="mayEdit" class="add" novalidate @submit.prevent="add">
      <v-text-field v-model="person.mail" label="Mail address" name="mail" :error-messages="fields.mail" />
      <v-text-field v-model="person.name" label="Name (may stay empty)" name="name" :error-messages="fields.name" />
      <v-text-field v-model="person.reason" label="How they agreed" name="reason" :error-messages="fields.reason" />
      <v-btn type="submit" height="48" :loading="running">Add a subscriber</v-btn>
    </form>
    <p v-if="trouble || error" class="trouble" role="alert">{{ trouble || lineOf(error) }}</p>
    <v-text-field
      v-if="(counts?.active ?? 0) > 8"
      v-model="search"
      class="search"
      density="compact"
      label="Find by mail or name"
      clearable
      @click:clear="search = ''"
    />
    <div v-if="counts && people.length === 0" class="empty">
      <h2>{{ search ? 'Nobody like that' : 'Nobody has subscribed yet' }}</h2>
      <p>{{ search ? '' : 'Add the people who asked for mail. Each gets a mail for every post you publish, and can leave with one click.' }}</p>
    </div>
    <table v-else class="ruled">
      <thead>
        <tr>
          <th>Mail</th>
          <th class="wide">Name</th>
          <th class="wide">How they came</th>
          <th>Since</th>
          <th class="num">Received</th>
          <th>State</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in people" :key="one.id">
          <td class="mail">{{ one.mail }}</td>
          <td class="wide soft">{{ one.name }}</td>
          <td class="wide soft small">
            {{ origins[one.origin] }}<template v-if="one.reason">{{ origins[one.origin] ? ': ' : '' }}{{ one.reason }}</template>
          </td>
          <td class="soft"><WhenText :at="one.createdAt" :zone="site?.timeZone" /></td>
          <td class="num">{{ one.received }}</td>
          <td>
            <span class="tag" :class="one.leftAt ? 'plain' : 'v'">{{ one.leftAt ? 'Left' : 'Gets mails' }}</span>
          </td>
          <td>
            <button v-if="mayEdit" class="link small" :class="{ back: !one.leftAt }" @click="toggle(one)">
              {{ one.leftAt ? 'Bring back' : 'End the mails' }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <v-btn v-if="hasNextPage" class="mt-4" variant="outlined" @click="fetchNextPage()">More</v-btn>
  </div>
</template>

<style scoped>
.add {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr auto;
  gap: 12px;
  max-width: 52rem;
  margin-bottom: 18px;
}
.search {
  max-width: 320px;
  margin-bottom: 8px;
}
.mail {
  overflow-wrap: anywhere;
}
@media (max-width: 860px) {
  .add {
    grid-template-columns: 1fr;
  }
  .wide {
    display: none;
  }
}
</style>
