<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, lineOf, take } from '../api'
import { kinds, marks, NoteMark, PageTitle, useSite } from '../shared'
import ReasonPanel from './ReasonPanel.vue'
import { t } from './texts'

/** Every place of the site, and whether this post shows there, with the reason and the remedy. */
const { id, mayEdit } = useSite()
const route = useRoute()
const post = computed(() => Number(route.params.post))
const picked = ref<string | null>(null)
const { data, error, isPending } = useQuery({
  queryKey: ['coverage', id, post],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/coverage/posts/{post}', { params: { path: { site: id.value, post: post.value } } }),
    ),
})
const rows = computed(
  () => data.value?.places.map((place, index) => ({ place, cell: data.value!.row.cells[index]! })) ?? [],
)
const groups = computed(() =>
  kinds
    .map((kind) => ({ ...kind, rows: rows.value.filter((row) => row.place.kind === kind.kind) }))
    .filter((group) => group.rows.length),
)
const inPlace = computed(() => rows.value.filter((row) => row.cell.mark === 'inPlace').length)
const open = computed(() => rows.value.find((row) => row.place.key === picked.value))
</script>

<template>
  <PageTitle :title="data?.row.title ?? t('destinations2')">
    <template #state>{{ data ? t('liveInplaceDestinations', { inPlace, rows: rows.length }) : '' }}</template>
    <template #act>
      <v-btn variant="outlined" :to="`/s/${id}/posts/${post}`">{{ t('editPost') }}</v-btn><v-btn
        v-if="data"
        :href="data.row.address"
        target="_blank"
        rel="noopener"
        >{{ t('viewPost') }}</v-btn
      >
    </template>
  </PageTitle>
  <div class="work sides" :class="{ open }">
    <div>
      <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
      <p v-else-if="isPending" class="waiting">{{ t('loading') }}</p>
      <section v-for="group in groups" :key="group.kind">
        <h2 class="group">{{ group.name }}</h2>
        <ul>
          <li v-for="row in group.rows" :key="row.place.key">
            <button
              type="button"
              :class="{ on: picked === row.place.key }"
              :aria-pressed="picked === row.place.key"
              @click="picked = row.place.key"
            >
              <NoteMark :mark="row.cell.mark" />
              <span
                ><b>{{ row.place.name }}</b> <span class="soft">{{ row.place.where }}</span><br /><span class="soft">{{
                  row.cell.message
                }}</span></span
              >
              <span class="state" :class="marks[row.cell.mark].tone">{{ marks[row.cell.mark].name }}</span>
            </button>
            <a
              v-if="row.place.address"
              class="link small"
              :href="row.place.address"
              target="_blank"
              rel="noopener"
              :aria-label="t('openName', { name: row.place.name })"
              >{{ t('open') }}</a
            >
          </li>
        </ul>
      </section>
    </div>
    <ReasonPanel
      v-if="open && data"
      :key="open.place.key"
      :site-id="id"
      :may-edit="mayEdit"
      :row="data.row"
      :place="open.place"
      :cell="open.cell"
      @close="picked = null"
    />
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0 0 18px;
  padding: 0;
}
li {
  display: flex;
  gap: 14px;
  align-items: center;
  border-bottom: 1px solid var(--hair);
}
li button {
  flex: 1;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 14px;
  align-items: center;
  background: none;
  border: 0;
  padding: 11px 4px;
  text-align: left;
  color: inherit;
  cursor: pointer;
}
li button:hover,
li button.on {
  background: var(--wash-v);
}
.state {
  font-size: 13px;
  font-weight: 600;
}
.sides.open {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 28px;
}
@media (max-width: 860px) {
  .sides.open {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
