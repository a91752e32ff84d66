<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { useNotice } from '../shared'
import CropDialog from './CropDialog.vue'
import type { Shape } from './shapes'

/** Cuts a picture of the library for one use; everywhere else it stays as it is. */
const props = defineProps<{ siteId: number; address: string; use: string; shape?: Shape }>()
const emit = defineEmits<{ cut: [picture: Schemas['PictureView']]; close: [] }>()
const { say } = useNotice()
// The dialog wants to close as soon as a part was chosen; it stays until the cut is made.
let isCutting = false
const whole = shallowRef<Schemas['PictureView']>()

async function orSay(act: () => Promise<void>): Promise<void> {
  try {
    await act()
  } catch (reason) {
    say(lineOf(reason))
    emit('close')
  }
}

onMounted(() =>
  orSay(async () => {
    const query = { address: props.address }
    whole.value = await take(
      api.GET('/api/sites/{site}/pictures/of', { params: { path: { site: props.siteId }, query } }),
    )
  }),
)

const cut = (body: Schemas['PictureEdit']) =>
  orSay(async () => {
    isCutting = true
    const path = { site: props.siteId, picture: whole.value!.id }
    emit('cut', await take(api.POST('/api/sites/{site}/pictures/{picture}/cuts', { params: { path }, body })))
    emit('close')
  })

function leave(): void {
  if (!isCutting) emit('close')
}
</script>

<template>
  <CropDialog
    v-if="whole"
    :model-value="true"
    :picture="whole"
    :use="props.use"
    :shape="props.shape"
    @update:model-value="leave"
    @cut="cut"
  />
</template>
