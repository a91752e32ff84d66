<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { Cropper } from 'vue-advanced-cropper'
import 'vue-advanced-cropper/dist/style.css'
import type { Schemas } from '../api'
import { shapes, type Shape } from './shapes'
import { OneOf } from '../shared'
import { t } from './texts'
import { inSentence } from '../texts'

const open = defineModel<boolean>({ required: true })
const props = defineProps<{ picture: Schemas['PictureView']; use?: string; shape?: Shape }>()
const emit = defineEmits<{ cut: [edit: Schemas['PictureEdit']] }>()
const shape = shallowRef(props.shape ?? shapes[0]!)
const part = ref<Schemas['PictureEdit']>({ ...props.picture.edit, left: 0, top: 0, width: 1000, height: 1000 })
// What is cut is the picture as shown now; a second cut goes further in. The whole can always be had back.
const source = computed(() => props.picture.small.replace('w320', 'w1280'))

function take({
  coordinates,
  image,
}: {
  coordinates: { left: number; top: number; width: number; height: number }
  image: { width: number; height: number }
}): void {
  const share = (length: number, whole: number) => Math.round((length / whole) * 1000)
  const before = props.picture.edit
  const width = Math.max(10, Math.round((share(coordinates.width, image.width) * before.width) / 1000))
  const height = Math.max(10, Math.round((share(coordinates.height, image.height) * before.height) / 1000))
  part.value = {
    quarterTurns: before.quarterTurns,
    left: Math.min(
      1000 - width,
      before.left + Math.round((share(coordinates.left, image.width) * before.width) / 1000),
    ),
    top: Math.min(
      1000 - height,
      before.top + Math.round((share(coordinates.top, image.height) * before.height) / 1000),
    ),
    width,
    height,
  }
}

const cropper = ref<InstanceType<typeof Cropper> | null>(null)
const place = computed(() => {
  const { left, top, width, height } = part.value
  const percent = (share: number) => `${Math.round(share / 10)}%`
  return t('widthWidthHeightHeight', {
    width: percent(width),
    height: percent(height),
    left: percent(left),
    top: percent(top),
  })
})

// Arrows move the part, with Shift they make it larger or smaller, a fiftieth of the picture at a time.
function press(event: KeyboardEvent): void {
  const ways: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
  }
  const way = ways[event.key]
  if (!way || !cropper.value) return
  event.preventDefault()
  cropper.value.setCoordinates(({ coordinates, imageSize }) => {
    const [across, down] = [(way[0] * imageSize.width) / 50, (way[1] * imageSize.height) / 50]
    return event.shiftKey
      ? { ...coordinates, width: coordinates.width + across, height: coordinates.height + down }
      : { ...coordinates, left: coordinates.left + across, top: coordinates.top + down }
  })
}

function cut(edit: Schemas['PictureEdit']): void {
  emit('cut', edit)
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="860">
    <v-card class="pa-6">
      <h2>{{ props.use ? t('cropPictureUse', { use: inSentence(props.use) }) : t('cropPicture') }}</h2>
      <p class="soft">
        {{ props.use ? t('onlyHereEverywhereElse') : t('originalKeptCanUndo') }}
      </p>
      <OneOf
        class="my-3"
        wide
        :model-value="shape.name"
        :label="t('shape')"
        :choices="shapes.map((one) => [one.name, one.name] as const)"
        @update:model-value="(name) => (shape = shapes.find((one) => one.name === name)!)"
      />
      <div class="around" tabindex="0" role="group" :aria-label="t('cropAreaArrowKeys')" @keydown="press">
        <Cropper
          ref="cropper"
          class="cropper"
          :src="source"
          :stencil-props="{ aspectRatio: shape.ratio }"
          :default-size="({ imageSize }: { imageSize: object }) => imageSize"
          @change="take"
        />
      </div>
      <p class="soft small mt-2" role="status">{{ t('placeArrowKeysMove', { place }) }}</p>
      <div class="row mt-4">
        <v-btn @click="cut(part)">{{ t('applyCrop') }}</v-btn>
        <v-btn
          variant="outlined"
          @click="
            cut(props.use ? props.picture.edit : { ...props.picture.edit, left: 0, top: 0, width: 1000, height: 1000 })
          "
          >{{ t('removeCrop') }}</v-btn
        >
        <v-btn variant="text" @click="open = false">{{ t('leaveIt') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.cropper {
  height: min(56vh, 460px);
  background: var(--desk);
}
</style>
