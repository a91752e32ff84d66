<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { diffWords } from 'diff'
import { computed, ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { WhenText } from '../shared'
import { plainLines } from './plainLines'
import { t } from './texts'

const open = defineModel<boolean>({ required: true })
const props = defineProps<{
  siteId: number
  postId: number
  title: string
  bodyHtml: string
  zone?: string
  mayEdit: boolean
}>()
const emit = defineEmits<{ restore: [version: Schemas['PostVersionView']] }>()
const picked = ref<number | null>(null)
const path = () => ({ site: props.siteId, post: props.postId })
const list = useQuery({
  queryKey: ['versions', () => props.siteId, () => props.postId],
  queryFn: () => take(api.GET('/api/sites/{site}/posts/{post}/versions', { params: { path: path() } })),
  staleTime: 0,
})
const id = computed(() => picked.value ?? list.data.value?.[1]?.id ?? list.data.value?.[0]?.id ?? null)
const version = useQuery({
  queryKey: ['version', () => props.postId, id],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/posts/{post}/versions/{version}', {
        params: { path: { ...path(), version: id.value! } },
      }),
    ),
  enabled: () => id.value !== null,
})
/** From the version to what stands in the editor now. */
const parts = computed(() => {
  const then = version.data.value
  return then
    ? diffWords(`${then.title}\n\n${plainLines(then.bodyHtml)}`, `${props.title}\n\n${plainLines(props.bodyHtml)}`)
    : []
})
const isSame = computed(() => parts.value.every((part) => !part.added && !part.removed))

function restore(): void {
  emit('restore', version.data.value!)
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="1000">
    <v-card class="versions">
      <h2>{{ t('versionHistory') }}</h2>
      <p v-if="list.error.value" class="trouble" role="alert">{{ lineOf(list.error.value) }}</p>
      <p v-else-if="list.data.value?.length === 0" class="waiting">{{ t('noVersionsYetNext') }}</p>
      <div v-else class="both">
        <ol :aria-label="t('versionsLatestFirst')">
          <li v-for="one in list.data.value" :key="one.id">
            <button type="button" :class="{ on: id === one.id }" :aria-pressed="id === one.id" @click="picked = one.id">
              <WhenText :at="one.savedAt" :zone="props.zone" />
              <span v-if="one.wasPublic" class="tag v">{{ t('public') }}</span>
              <small class="soft">{{ one.by ?? t('unknown') }}</small>
            </button>
          </li>
        </ol>
        <div>
          <p class="small soft">
            {{ t('changesSince') }} <del>{{ t('deleted') }}</del>, <ins>{{ t('added') }}</ins>.
          </p>
          <p v-if="isSame" class="small">{{ t('sameCurrentText') }}</p>
          <div class="reading text" tabindex="0" :aria-label="t('differences')">
            <template v-for="(part, index) in parts" :key="index"
              ><ins v-if="part.added">{{ part.value }}</ins
              ><del v-else-if="part.removed">{{ part.value }}</del
              ><template v-else>{{ part.value }}</template></template
            >
          </div>
        </div>
      </div>
      <div class="row mt-4">
        <v-btn v-if="props.mayEdit" :disabled="!version.data.value || isSame" @click="restore">{{
          t('restoreVersion')
        }}</v-btn><v-btn variant="outlined" @click="open = false">{{ t('close') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.versions {
  padding: 22px 26px;
}
h2 {
  font-size: 22px;
  margin-bottom: 10px;
}
.both {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr);
  gap: 24px;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 420px;
  overflow: auto;
  border-right: 1px solid var(--rule);
}
li button {
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--hair);
  padding: 8px 10px;
  cursor: pointer;
}
li button.on {
  background: var(--paper);
  box-shadow: inset 3px 0 var(--verdigris);
}
small {
  display: block;
}
.text {
  max-height: 390px;
  overflow: auto;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
ins {
  background: var(--wash-v);
  text-decoration: underline;
  text-decoration-color: var(--verdigris);
}
del {
  background: var(--wash-m);
}
@media (max-width: 700px) {
  .both {
    grid-template-columns: 1fr;
  }
  ol {
    max-height: 180px;
    border-right: 0;
  }
}
</style>
