<script setup lang="ts">
import { mdiImagePlusOutline } from '@mdi/js'
import { ref } from 'vue'
import type { useUploads } from './useUploads'
import { rich, t } from './texts'
import { RichText } from '../texts'

/** Takes pictures that are dropped, pasted or chosen, and shows how far they are. */
const props = defineProps<{ uploads: ReturnType<typeof useUploads>; slim?: boolean }>()
const over = ref(false)
const input = ref<HTMLInputElement>()

function drop(event: DragEvent): void {
  over.value = false
  if (event.dataTransfer?.files.length) void props.uploads.send(event.dataTransfer.files)
}

function choose(): void {
  if (input.value?.files?.length) void props.uploads.send(input.value.files)
  if (input.value) input.value.value = ''
}
</script>

<template>
  <div
    class="drop"
    :class="{ over, slim: props.slim }"
    @dragover.prevent="over = true"
    @dragleave="over = false"
    @drop.prevent="drop"
  >
    <p>
      <v-icon :icon="mdiImagePlusOutline" size="20" /> {{ ' '
      }}<RichText :of="rich('dropPictures')"
        ><template #choose="{ text }"
          ><button type="button" class="link" @click="input?.click()">{{ text }}</button></template
        ></RichText
      >
      <input
        ref="input"
        type="file"
        multiple
        accept="image/*,.svg"
        class="hidden"
        :aria-label="t('choosePictures')"
        @change="choose"
      />
      <span class="soft small"> {{ t('jpegPngWebpGif') }}</span>
    </p>
    <ul v-if="props.uploads.uploads.length" aria-live="polite">
      <li v-for="row in props.uploads.uploads" :key="row.name">
        <span class="name">{{ row.name }}</span>
        <span v-if="row.trouble" class="m small"
          >{{ row.trouble }}
          <button type="button" class="link" @click="props.uploads.forget(row)">{{ t('dismiss') }}</button></span
        >
        <progress v-else :value="row.part" max="1" />
      </li>
    </ul>
  </div>
</template>

<style scoped>
.drop {
  border: 1px dashed var(--soft);
  border-radius: 6px;
  padding: 14px 18px;
}
.drop.slim {
  padding: 8px 12px;
}
.drop.over {
  border-color: var(--verdigris);
  background: var(--wash-v);
}
.hidden {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
.name {
  font: 500 12.5px var(--mono);
}
progress {
  accent-color: var(--verdigris);
}
</style>
