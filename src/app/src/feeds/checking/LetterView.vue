<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, take } from '../../api'
import { ChoiceLine, CopyButton, useAct } from '../../shared'
import { language as spoken } from '../../texts'
import { t } from '../texts'

/** A letter to the publisher, written from the findings, to be changed and sent. */
const props = defineProps<{ siteId: number; check: number }>()
/** Longer addresses are cut by mail programs; such a letter is copied. */
const longestLink = 1900
const language = ref<'en' | 'de'>(spoken.slice(0, 2) === 'de' ? 'de' : 'en')
const languages = [
  ['en', 'English'],
  ['de', 'Deutsch'],
] as const
const [to, subject, body] = [ref(''), ref(''), ref('')]
const isNeeded = ref(true)
const act = useAct()
const link = computed(
  () =>
    `mailto:${encodeURIComponent(to.value)}?subject=${encodeURIComponent(subject.value)}&body=${encodeURIComponent(body.value.replace(/\n/g, '\r\n'))}`,
)

async function write(): Promise<void> {
  const letter = await act.run(() =>
    take(
      api.GET('/api/sites/{site}/feeds/checks/{check}/letter', {
        params: { path: { site: props.siteId, check: props.check }, query: { language: language.value } },
      }),
    ),
  )
  isNeeded.value = !!letter
  if (letter) [to.value, subject.value, body.value] = [letter.to ?? to.value, letter.subject, letter.body]
}
watch([() => props.check, language], write, { immediate: true })
</script>

<template>
  <div class="letter">
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <p v-else-if="!isNeeded" class="hint">{{ t('letterNotNeeded') }}</p>
    <template v-else>
      <p class="soft small">{{ t('letterLead') }}</p>
      <ChoiceLine v-model="language" :label="t('letterLanguage')" :choices="languages" />
      <v-text-field v-model="to" type="email" name="to" :label="t('letterTo')" :hint="t('letterToHint')" />
      <v-text-field v-model="subject" name="subject" :label="t('letterSubject')" />
      <v-textarea v-model="body" name="body" :label="t('letterBody')" rows="14" auto-grow />
      <div class="row">
        <v-btn v-if="link.length <= longestLink" :href="link">{{ t('openInEmailProgram') }}</v-btn>
        <p v-else class="soft small long">{{ t('letterTooLong') }}</p>
        <CopyButton :text="`${subject}\n\n${body}`" :label="t('copyLetter')" big quiet />
      </div>
    </template>
  </div>
</template>

<style scoped>
.letter {
  flex: 1;
  min-height: 0;
  overflow: auto;
  padding: 14px 20px 40px;
  display: grid;
  gap: 12px;
  align-content: start;
}
.long {
  flex: 1;
}
</style>
