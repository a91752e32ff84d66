<script setup lang="ts">
import type { Schemas } from '../api'
import { t } from './texts'

const props = defineProps<{ pictures: Schemas['PictureView'][]; chosen: number | null }>()
const emit = defineEmits<{ choose: [picture: Schemas['PictureView']] }>()
</script>

<template>
  <ul class="grid">
    <li v-for="picture in props.pictures" :key="picture.id">
      <button
        type="button"
        :class="{ on: props.chosen === picture.id }"
        :aria-pressed="props.chosen === picture.id"
        :aria-label="picture.alt || picture.name"
        @click="emit('choose', picture)"
      >
        <img
          :src="picture.small"
          alt=""
          loading="lazy"
          :style="{ objectPosition: `${picture.focusX}% ${picture.focusY}%` }"
        />
        <span class="name">{{ picture.alt || picture.name }}</span>
        <span class="facts"
          ><span :class="{ o: !picture.alt }">{{
            picture.alt ? `${picture.width} × ${picture.height}` : t('noDescription')
          }}</span
          ><span>{{
            picture.uses
              ? picture.uses === 1
                ? t('usesPost', { uses: picture.uses })
                : t('usesPosts', { uses: picture.uses })
              : t('unused')
          }}</span></span
        >
      </button>
    </li>
  </ul>
</template>

<style scoped>
.grid {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 18px 16px;
}
button {
  width: 100%;
  display: block;
  text-align: left;
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
  color: inherit;
}
img {
  width: 100%;
  aspect-ratio: 4 / 3;
  object-fit: cover;
  border-radius: 4px;
  background: var(--hair);
  display: block;
}
button:hover img,
button.on img {
  outline: 2px solid var(--verdigris);
  outline-offset: 2px;
}
.name {
  display: block;
  margin-top: 8px;
  font: 500 15.5px/1.25 var(--title);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.facts {
  display: flex;
  justify-content: space-between;
  font-size: 12.5px;
  color: var(--soft);
}
</style>
