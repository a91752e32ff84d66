<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { OneOf, useAct, useNotice } from '../../shared'
import { t } from '../texts'

const props = defineProps<{ feed: Schemas['OwnFeedView']; siteId: number }>()
const emit = defineEmits<{ close: [] }>()
const form = ref({ ...props.feed.settings })
const changed = computed(() => JSON.stringify(form.value) !== JSON.stringify(props.feed.settings))
const act = useAct()
const { say } = useNotice()
const queries = useQueryClient()

async function put(settings: Schemas['FeedSettingsView']): Promise<boolean> {
  const done = await act.run(() =>
    take(
      api.PUT('/api/sites/{site}/feeds/{subject}/{id}', {
        params: { path: { site: props.siteId, subject: props.feed.subject, id: props.feed.subjectId } },
        body: settings,
      }),
    ),
  )
  for (const key of ['feeds', 'coverage']) await queries.invalidateQueries({ queryKey: [key] })
  return done !== undefined
}

async function save(): Promise<void> {
  const before = props.feed.settings
  if (!(await put({ ...form.value, entries: Number(form.value.entries) || 0 }))) return
  say(t('savedFeedReadersGet'), async () => void (await put(before)))
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="640" :persistent="changed" @update:model-value="emit('close')">
    <v-card class="settings">
      <h2>{{ t('feedSettingsBlogname', { blogName: props.feed.blogName }) }}</h2>
      <form novalidate @submit.prevent="save">
        <div class="pair">
          <v-text-field
            v-model.number="form.entries"
            type="number"
            min="1"
            max="200"
            :label="t('numberEntries')"
            name="entries"
            :error-messages="act.fields.value.entries"
          />
          <OneOf
            v-model="form.isFullText"
            :label="t('content')"
            :choices="[
              [true, t('fullText')],
              [false, t('excerpt')],
            ]"
          />
        </div>
        <v-switch
          v-if="props.feed.subject === 'blog'"
          v-model="form.hasHistory"
          :label="t('includeArchivePagesOlder')"
        />
        <div class="formats">
          <v-switch v-model="form.asRss" :label="t('rss')" /><v-switch
            v-model="form.asAtom"
            :label="t('atom')"
          /><v-switch v-model="form.asJson" :label="t('jsonFeed')" />
        </div>
        <p v-if="act.fields.value.asRss" class="small m" role="alert">{{ act.fields.value.asRss[0] }}</p>
        <v-text-field
          v-model="form.title"
          :label="t('title')"
          :placeholder="props.feed.blogName"
          name="title"
          :error-messages="act.fields.value.title"
        />
        <v-textarea
          v-model="form.description"
          :label="t('description')"
          rows="2"
          :error-messages="act.fields.value.description"
        />
        <v-text-field
          v-model="form.pictureAddress"
          :label="t('imageAddress')"
          name="picture"
          :error-messages="act.fields.value.pictureAddress"
        />
        <div class="pair">
          <v-text-field
            v-model="form.language"
            :label="t('language')"
            :placeholder="t('theSites')"
            name="language"
            :error-messages="act.fields.value.language"
          />
          <v-text-field
            v-model="form.copyright"
            :label="t('copyright')"
            name="rights"
            :error-messages="act.fields.value.copyright"
          />
        </div>
        <v-text-field
          v-model="form.redirectTo"
          :label="t('redirectTo')"
          name="redirect"
          :hint="t('leaveEmptyNormallyIf')"
          persistent-hint
          :error-messages="act.fields.value.redirectTo"
        />
        <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
        <div class="row">
          <v-btn type="submit" :loading="act.running.value" :disabled="!changed">{{ t('save') }}</v-btn><v-btn
            variant="outlined"
            @click="emit('close')"
            >{{ changed ? t('discard') : t('close') }}</v-btn
          >
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.settings {
  padding: 22px 26px;
}
h2 {
  font-size: 22px;
  margin-bottom: 14px;
}
form {
  display: grid;
  gap: 12px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  align-items: center;
}
.formats {
  display: flex;
  gap: 22px;
  flex-wrap: wrap;
}
@media (max-width: 560px) {
  .pair {
    grid-template-columns: 1fr;
  }
}
</style>
