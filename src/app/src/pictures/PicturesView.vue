<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { lineOf, type Schemas } from '../api'
import { counted, PageTitle, PostTabs, useQueryValue, useSite } from '../shared'
import DropPlace from './DropPlace.vue'
import PictureDetail from './PictureDetail.vue'
import PictureGrid from './PictureGrid.vue'
import { usePictures } from './usePictures'
import { useUploads } from './useUploads'

const { id, mayEdit } = useSite()
const search = useQueryValue('search')
const only = useQueryValue('only')
const open = useQueryValue('picture')
const { query, pictures, total, wordless, reload } = usePictures(() => id.value, refDebounced(search, 200), only)
const { error, isPending, hasNextPage, fetchNextPage, isFetchingNextPage } = query
const uploads = useUploads(
  () => id.value,
  (picture) => {
    open.value = String(picture.id)
    void reload()
  },
)
const chosen = computed(() => pictures.value.find((picture) => String(picture.id) === open.value))

function change(picture: Schemas['PictureView'] | null): void {
  if (!picture) open.value = ''
  void reload()
}
</script>

<template>
  <PageTitle title="Pictures">
    <template #state
      >{{ counted(total, 'picture') }}{{ search || only ? ' found' : '' }}.
      <b v-if="wordless" class="o">{{ wordless }} without description.</b></template
    >
  </PageTitle>
  <PostTabs />
  <div class="work">
    <DropPlace :uploads="uploads" />
    <div class="row tools">
      <div class="pills">
        <button class="pill" :class="{ on: !only }" @click="only = ''">All</button>
        <button class="pill" :class="{ on: only === 'wordless' }" @click="only = 'wordless'">
          Without description
        </button>
        <button class="pill" :class="{ on: only === 'unused' }" @click="only = 'unused'">Unused</button>
      </div>
      <v-text-field
        v-model="search"
        class="search"
        density="compact"
        label="Search pictures"
        clearable
        @click:clear="search = ''"
      />
    </div>
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-else-if="isPending" class="waiting">Reading the library …</p>
    <div v-else-if="pictures.length === 0" class="empty">
      <h2>{{ search || only ? 'No pictures found' : 'The library is empty' }}</h2>
      <p>
        {{ search || only ? 'Try other words.' : 'Drop pictures above; posts of every blog of the site can use them.' }}
      </p>
    </div>
    <div v-else class="sides" :class="{ open: chosen }">
      <div>
        <PictureGrid
          :pictures="pictures"
          :chosen="chosen?.id ?? null"
          @choose="(picture) => (open = String(picture.id))"
        />
        <v-btn v-if="hasNextPage" class="mt-4" variant="outlined" :loading="isFetchingNextPage" @click="fetchNextPage()"
          >More pictures</v-btn
        >
      </div>
      <PictureDetail
        v-if="chosen"
        :key="chosen.id"
        :site-id="id"
        :picture="chosen"
        :may-edit="mayEdit"
        @changed="change"
        @close="open = ''"
      />
    </div>
  </div>
</template>

<style scoped>
.tools {
  justify-content: space-between;
  margin: 14px 0;
}
.search {
  max-width: 260px;
}
.sides.open {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 360px;
  gap: 24px;
}
@media (max-width: 860px) {
  .sides.open {
    grid-template-columns: minmax(0, 1fr);
  }
  .sides.open .detail {
    order: -1;
  }
}
</style>
