<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { ref } from 'vue'
import { api, type Schemas, take } from '../api'
import { useAct } from '../shared'
import DropPlace from './DropPlace.vue'
import PictureGrid from './PictureGrid.vue'
import { usePictures } from './usePictures'
import { useUploads } from './useUploads'
import { t } from './texts'

/** Chooses pictures from the library, adds some, fetches one by its address, or has one drawn. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ siteId: number; title?: string; many?: boolean }>()
const emit = defineEmits<{ chosen: [pictures: Schemas['PictureView'][]] }>()
const search = ref('')
const address = ref('')
const act = useAct()
const picked = ref<Schemas['PictureView'][]>([])
const { pictures, reload, query } = usePictures(() => props.siteId, refDebounced(search, 200), ref(''))
const { hasNextPage, fetchNextPage } = query
const uploads = useUploads(
  () => props.siteId,
  (picture) => {
    void reload()
    pick(picture)
  },
)

function pick(picture: Schemas['PictureView']): void {
  if (props.many)
    picked.value = picked.value.some((one) => one.id === picture.id)
      ? picked.value.filter((one) => one.id !== picture.id)
      : [...picked.value, picture]
  else finish([picture])
}

function finish(chosen: Schemas['PictureView'][]): void {
  emit('chosen', chosen)
  open.value = false
}

async function fetchIt(): Promise<void> {
  const made = await act.run(() =>
    take(
      api.POST('/api/sites/{site}/pictures/fetch', {
        params: { path: { site: props.siteId } },
        body: { address: address.value, alt: null },
      }),
    ),
  )
  if (made) pick(made)
}

async function draw(): Promise<void> {
  const body = { title: props.title ?? '', ground: null, mark: null }
  const made = await act.run(() =>
    take(api.POST('/api/sites/{site}/pictures/draw', { params: { path: { site: props.siteId } }, body })),
  )
  if (made) pick(made)
}
</script>

<template>
  <v-dialog v-model="open" max-width="900" scrollable>
    <v-card class="pa-5">
      <div class="row head">
        <h2>{{ props.many ? t('choosePictures') : t('choosePicture') }}</h2>
        <v-text-field v-model="search" class="search" density="compact" :label="t('searchPictures')" />
      </div>
      <p v-if="act.trouble.value || act.fields.value.title" class="trouble" role="alert">
        {{ act.trouble.value || act.fields.value.title?.[0] }}
      </p>
      <DropPlace :uploads="uploads" slim />
      <form class="row mt-2" @submit.prevent="fetchIt">
        <v-text-field
          v-model="address"
          density="compact"
          :label="t('addByAddress')"
          :error-messages="act.fields.value.address"
        />
        <v-btn type="submit" variant="outlined" :disabled="!address" :loading="act.running.value">{{ t('add') }}</v-btn>
        <v-btn v-if="props.title !== undefined && !props.many" variant="outlined" @click="draw">{{
          t('generateFromTitle')
        }}</v-btn>
      </form>
      <div class="shelf mt-4">
        <p v-if="pictures.length === 0" class="soft">{{ t('libraryEmpty') }}</p>
        <p v-if="picked.length" class="soft small">{{ t('pickedSelectedOrder', { picked: picked.length }) }}</p>
        <PictureGrid :pictures="pictures" :chosen="picked.at(-1)?.id ?? null" @choose="pick" />
        <v-btn v-if="hasNextPage" class="mt-4" variant="outlined" @click="fetchNextPage()">{{
          t('morePictures')
        }}</v-btn>
      </div>
      <div class="row mt-4">
        <v-btn v-if="props.many" :disabled="picked.length === 0" @click="finish(picked)">{{
          t('insertPicked', { picked: picked.length || '' })
        }}</v-btn>
        <v-btn variant="text" @click="open = false">{{ t('close') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.head {
  justify-content: space-between;
  margin-bottom: 12px;
}
.search {
  max-width: 260px;
}
.shelf {
  max-height: 46vh;
  overflow: auto;
  padding: 4px;
}
</style>
