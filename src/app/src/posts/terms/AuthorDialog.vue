<script setup lang="ts">
import { reactive, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { PicturePicker } from '../../pictures'
import { useAct } from '../../shared'
import { t } from '../texts'

const props = defineProps<{ siteId: number; author: Schemas['AuthorView'] }>()
const emit = defineEmits<{ done: []; close: [] }>()
const form = reactive({
  name: props.author.name,
  about: props.author.about ?? '',
  link: props.author.link ?? '',
  pictureAddress: props.author.pictureAddress,
})
const picking = ref(false)
const act = useAct()

async function save(): Promise<void> {
  const body = {
    name: form.name,
    about: form.about || null,
    link: form.link || null,
    pictureAddress: form.pictureAddress ?? null,
  }
  if (
    !(await act.run(
      async () => (
        await take(api.PUT('/api/sites/{site}/terms/authors', { params: { path: { site: props.siteId } }, body })),
        true
      ),
    ))
  )
    return
  emit('done')
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="460" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form class="form" @submit.prevent="save">
        <h2>{{ props.author.name || t('newAuthor') }}</h2>
        <v-text-field
          v-if="!props.author.name"
          v-model="form.name"
          :label="t('name')"
          autofocus
          :error-messages="act.fields.value.name"
        />
        <v-textarea v-model="form.about" :label="t('biography')" rows="3" :error-messages="act.fields.value.about" />
        <v-text-field v-model="form.link" :label="t('authorsWebsite')" :error-messages="act.fields.value.link" />
        <div class="row">
          <img v-if="form.pictureAddress" :src="form.pictureAddress" alt="" class="face" />
          <button type="button" class="chip" @click="picking = true">
            {{ form.pictureAddress ? t('anotherPicture') : t('choosePicture') }}
          </button>
          <button v-if="form.pictureAddress" type="button" class="link quiet" @click="form.pictureAddress = null">
            {{ t('noPicture') }}
          </button>
        </div>
        <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
        <div class="row">
          <v-btn type="submit" :loading="act.running.value">{{ t('save') }}</v-btn><v-btn
            variant="text"
            @click="emit('close')"
            >{{ t('leaveIt') }}</v-btn
          >
        </div>
      </form>
      <PicturePicker
        v-if="picking"
        v-model="picking"
        :site-id="props.siteId"
        @chosen="([picture]) => (form.pictureAddress = picture?.address.replace('w1280', 'w320') ?? null)"
      />
    </v-card>
  </v-dialog>
</template>

<style scoped>
.face {
  width: 56px;
  height: 56px;
  object-fit: cover;
  border-radius: 50%;
}
</style>
