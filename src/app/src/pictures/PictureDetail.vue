<script setup lang="ts">
import { mdiCropRotate, mdiRotateRight } from '@mdi/js'
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { api, lineOf, type Schemas, take, upload } from '../api'
import FocusPoint from './FocusPoint.vue'
import { AskButton, CopyButton, TermHelp, useAct, useNotice } from '../shared'
import CropDialog from './CropDialog.vue'
import { t } from './texts'

const props = defineProps<{ siteId: number; picture: Schemas['PictureView']; mayEdit: boolean }>()
const emit = defineEmits<{ changed: [picture: Schemas['PictureView'] | null]; close: [] }>()
const act = useAct()
const { say } = useNotice()
const cropping = ref(false)
const file = ref<HTMLInputElement>()
const blank = () => ({
  name: props.picture.name,
  alt: props.picture.alt,
  caption: props.picture.caption ?? '',
  credit: props.picture.credit ?? '',
  focusX: props.picture.focusX,
  focusY: props.picture.focusY,
})
const form = reactive(blank())
watch(
  () => props.picture,
  () => Object.assign(form, blank()),
)
const dirty = computed(() => JSON.stringify(form) !== JSON.stringify(blank()))
const path = () => ({ params: { path: { site: props.siteId, picture: props.picture.id } } })
const { data: uses } = useQuery({
  queryKey: ['picture-uses', () => props.picture.id],
  queryFn: () => take(api.GET('/api/sites/{site}/pictures/{picture}/uses', path())),
})

async function save(edit?: Schemas['PictureEdit']): Promise<void> {
  const changed = await act.run(() =>
    take(
      api.PUT('/api/sites/{site}/pictures/{picture}', {
        ...path(),
        body: { ...form, edit: edit ?? props.picture.edit },
      }),
    ),
  )
  if (changed) emit('changed', changed)
}

const turn = () =>
  save({
    ...props.picture.edit,
    quarterTurns: (props.picture.edit.quarterTurns + 1) % 4,
    left: 0,
    top: 0,
    width: 1000,
    height: 1000,
  })

async function replace(): Promise<void> {
  const chosen = file.value?.files?.[0]
  if (!chosen) return
  try {
    const url = `/api/sites/${props.siteId}/pictures/${props.picture.id}/file?name=${encodeURIComponent(chosen.name)}`
    emit('changed', await upload<Schemas['PictureView']>('PUT', url, chosen))
    say(t('pictureReplacedEverywhere'))
  } catch (reason) {
    act.trouble.value = lineOf(reason)
  }
}

async function remove(): Promise<void> {
  const done = await act.run(async () => (await take(api.DELETE('/api/sites/{site}/pictures/{picture}', path())), true))
  if (done) emit('changed', null)
}
</script>

<template>
  <section class="detail" :aria-label="t('aboutName', { name: props.picture.name })">
    <div class="row head">
      <h2>{{ props.picture.name }}</h2>
      <button type="button" class="link" @click="emit('close')">{{ t('close') }}</button>
    </div>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <p v-if="act.fields.value.picture || act.fields.value.edit" class="trouble" role="alert">
      {{ act.fields.value.picture?.[0] ?? act.fields.value.edit?.[0] }}
    </p>
    <FocusPoint
      v-model:x="form.focusX"
      v-model:y="form.focusY"
      :picture="`${props.picture.small.replace('w320', 'w640')}`"
      :readonly="false"
    />
    <div v-if="props.picture.type !== 'svg'" class="row">
      <button type="button" class="chip" @click="cropping = true">
        <v-icon :icon="mdiCropRotate" size="16" /> {{ t('crop') }}
      </button>
      <button type="button" class="chip" @click="turn">
        <v-icon :icon="mdiRotateRight" size="16" /> {{ t('rotate') }}
      </button>
    </div>
    <v-textarea v-model="form.alt" :label="t('descriptionAltText')" rows="2" :error-messages="act.fields.value.alt">
      <template #append-inner><TermHelp term="altText" /></template>
    </v-textarea>
    <v-text-field v-model="form.caption" :label="t('caption')" :error-messages="act.fields.value.caption" />
    <v-text-field v-model="form.credit" :label="t('credit')" />
    <div class="row">
      <v-btn :disabled="!dirty" :loading="act.running.value" @click="save()">{{ t('save') }}</v-btn>
      <CopyButton :text="props.picture.address" :label="t('copyAddress')" />
    </div>
    <h3 class="group">{{ t('whereUsed') }}</h3>
    <p v-if="uses?.length === 0" class="soft">{{ t('noPostYet') }}</p>
    <ul v-else class="uses">
      <li v-for="use in uses" :key="use.postId">
        <router-link class="t" :to="`/s/${props.siteId}/posts/${use.postId}`">{{ use.title }}</router-link>
        <span class="soft small">{{ use.asPicture ? t('mainPicture') : t('inTheText') }}</span>
      </li>
    </ul>
    <div v-if="props.mayEdit" class="row">
      <button type="button" class="link" @click="file?.click()">{{ t('replace') }}</button>
      <input
        ref="file"
        type="file"
        accept="image/*,.svg"
        class="hidden"
        :aria-label="t('chooseOtherPicture')"
        @change="replace"
      />
      <AskButton
        v-if="uses?.length === 0"
        class="link quiet"
        :title="t('deletePictureAsk')"
        :text="t('deletePictureMeans')"
        :button="t('deletePicture')"
        :act="remove"
        >{{ t('deletePicture') }}</AskButton
      >
    </div>
    <CropDialog v-if="cropping" v-model="cropping" :picture="props.picture" @cut="save" />
  </section>
</template>

<style scoped>
.detail {
  display: grid;
  gap: 14px;
  align-content: start;
  border-left: 1px solid var(--rule);
  padding: 0 0 24px 22px;
}
.head {
  justify-content: space-between;
  flex-wrap: nowrap;
  align-items: baseline;
}
h2 {
  font-size: 20px;
  overflow-wrap: anywhere;
}
.chip {
  display: inline-flex;
  gap: 5px;
  align-items: center;
}
.uses {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 5px;
}
.hidden {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
@media (max-width: 860px) {
  .detail {
    border-left: 0;
    padding-left: 0;
    border-top: 1px solid var(--rule);
    padding-top: 16px;
  }
}
</style>
