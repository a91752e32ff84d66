<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../../api'
import { CutForUse, isOfLibrary, networkCard, PicturePicker, type Shape } from '../../../pictures'
import { t } from '../../texts'

/** The post's picture where it is used: cut for each place, or another one there. */
const post = defineModel<Schemas['PostRequest']>({ required: true })
const props = defineProps<{ siteId: number; fields: Record<string, string[]>; readonly: boolean }>()

type Key = 'page' | 'listingPicture' | 'socialPicture'
interface Use {
  key: Key
  place: string
  address: string | null
  isOwn: boolean
  shape?: Shape
}
const place = (key: 'listingPicture' | 'socialPicture', name: string, shape?: Shape): Use => {
  const own = post.value.details?.[key] ?? null
  return {
    key,
    place: name,
    address: own ?? post.value.pictureAddress ?? null,
    isOwn: own !== null,
    ...(shape && { shape }),
  }
}
const uses = computed<Use[]>(() => [
  { key: 'page', place: t('itsPage'), address: post.value.pictureAddress ?? null, isOwn: false },
  place('listingPicture', t('inListings')),
  place('socialPicture', t('socialPreview'), networkCard),
])
const cutting = ref<Use>()
const picking = ref<Use>()
const position = (use: Use) =>
  use.isOwn ? undefined : { objectPosition: `${post.value.focusX}% ${post.value.focusY}%` }

function set(key: Key, address: string | null): void {
  if (key !== 'page') post.value.details = { ...post.value.details!, [key]: address }
  // A cut is framed already; the point to keep was one of the picture before.
  else Object.assign(post.value, { pictureAddress: address, focusX: 50, focusY: 50 })
}
</script>

<template>
  <ul class="uses" :aria-label="t('pictureEachPlace')">
    <li v-for="use in uses" :key="use.key">
      <span class="frame"
        ><img v-if="use.address" :src="use.address" alt="" :class="use.key" :style="position(use)"
      /></span>
      <div>
        <span class="t">{{ use.place }}</span>
        <span v-if="use.key !== 'page'" class="soft small">{{
          use.isOwn ? t('itsOwn') : use.address ? t('thePosts') : t('none')
        }}</span>
        <p v-if="!props.readonly" class="acts small">
          <button
            v-if="isOfLibrary(use.address)"
            type="button"
            class="link"
            :aria-label="t('cutPlacePlace', { place: use.place })"
            @click="cutting = use"
          >
            {{ t('crop') }}
          </button>
          <button
            v-if="use.key !== 'page'"
            type="button"
            class="link"
            :aria-label="t('anotherPicturePlace', { place: use.place })"
            @click="picking = use"
          >
            {{ t('change') }}
          </button>
          <button
            v-if="use.isOwn"
            type="button"
            class="link quiet"
            :aria-label="t('usePostsPicturePlace', { place: use.place })"
            @click="set(use.key, null)"
          >
            {{ t('reset') }}
          </button>
        </p>
        <p v-if="props.fields[`details.${use.key}`]" class="m small" role="alert">
          {{ props.fields[`details.${use.key}`]![0] }}
        </p>
      </div>
    </li>
  </ul>
  <CutForUse
    v-if="cutting?.address"
    :site-id="props.siteId"
    :address="cutting.address"
    :use="cutting.place"
    :shape="cutting.shape"
    @cut="(picture) => set(cutting!.key, picture.address)"
    @close="cutting = undefined"
  />
  <PicturePicker
    v-if="picking"
    :model-value="true"
    :site-id="props.siteId"
    :title="post.title"
    @update:model-value="picking = undefined"
    @chosen="([picture]) => picture && set(picking!.key, picture.address)"
  />
</template>

<style scoped>
.uses {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 10px;
}
li {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
}
.frame {
  display: grid;
  place-items: center;
  width: 96px;
  height: 64px;
  border-radius: 4px;
  background: var(--desk);
  overflow: hidden;
}
img {
  max-width: 96px;
  max-height: 64px;
  object-fit: cover;
}
.listingPicture {
  width: 85px;
  height: 64px;
}
.socialPicture {
  width: 96px;
  height: 50px;
}
.t {
  margin-right: 8px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  margin: 2px 0 0;
}
.m {
  margin: 2px 0 0;
}
</style>
