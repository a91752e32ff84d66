<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { lineOf, type Schemas } from '../api'
import { OneOf, PageTitle, PostTabs, useQueryValue, useSite } from '../shared'
import DropPlace from './DropPlace.vue'
import PictureDetail from './PictureDetail.vue'
import PictureGrid from './PictureGrid.vue'
import { usePictures } from './usePictures'
import { useUploads } from './useUploads'
import { t } from './texts'

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
  <PageTitle :title="t('pictures')">
    <template #state
      >{{ search || only ? t('picturesFound', { total }) : t('picturesInAll', { total }) }}
      <b v-if="wordless" class="o">{{ t('wordlessWithoutDescription', { wordless }) }}</b></template
    >
  </PageTitle>
  <PostTabs />
  <div class="work">
    <DropPlace :uploads="uploads" />
    <div class="row tools">
      <OneOf
        v-model="only"
        :label="t('filter')"
        :choices="[
          ['', t('all')],
          ['wordless', t('withoutDescription')],
          ['unused', t('unused2')],
        ]"
      />
      <v-text-field
        v-model="search"
        class="search"
        density="compact"
        :label="t('searchPictures')"
        clearable
        @click:clear="search = ''"
      />
    </div>
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-else-if="isPending" class="waiting">{{ t('readingLibrary') }}</p>
    <div v-else-if="pictures.length === 0" class="empty">
      <h2>{{ search || only ? t('noPicturesFound') : t('libraryEmpty2') }}</h2>
      <p>
        {{ search || only ? t('tryOtherWords') : t('dropPicturesAbovePosts') }}
      </p>
    </div>
    <div v-else class="sides" :class="{ open: chosen }">
      <div>
        <PictureGrid
          :pictures="pictures"
          :chosen="chosen?.id ?? null"
          @choose="(picture) => (open = String(picture.id))"
        />
        <v-btn
          v-if="hasNextPage"
          class="mt-4"
          variant="outlined"
          :loading="isFetchingNextPage"
          @click="fetchNextPage()"
          >{{ t('morePictures') }}</v-btn
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
