<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { type Schemas, upload } from '../api'
import { useAct, useNotice } from '../shared'
import { rich, t } from './texts'
import { RichText } from '../texts'

/** Brings a list of subscribers in: what it would bring is shown first. */
const isOpen = defineModel<boolean>({ required: true })
const props = defineProps<{ siteId: number }>()
const file = ref<File | null>(null)
const trial = ref<Schemas['ListTaken'] | null>(null)
const mail = ref<string | null>(null)
const name = ref<string | null>(null)
const reason = ref('')
const act = useAct()
const { say } = useNotice()
const queries = useQueryClient()
const kinds: Record<Schemas['ListedKind'], string> = {
  new: '',
  known: t('alreadySubscribed'),
  left: t('unsubscribed2'),
  twice: t('duplicate'),
  noAddress: t('noEmailAddress'),
  bounced: t('bounced'),
  newLeft: t('unsubscribedKeptSuch'),
  newBounced: t('bouncedKeptSuch'),
}
const none = ''
const names = computed(() => [
  { value: none, title: t('noNames') },
  ...(trial.value?.columns ?? []).map((one) => ({ value: one, title: one })),
])

function send(isTrial: boolean): Promise<Schemas['ListTaken'] | undefined> {
  const query = new URLSearchParams({ trial: String(isTrial) })
  if (mail.value) query.set('mail', mail.value)
  if (name.value !== null) query.set('name', name.value)
  if (reason.value) query.set('reason', reason.value)
  return act.run(() =>
    upload<Schemas['ListTaken']>(
      'POST',
      `/api/sites/${props.siteId}/subscribers/list?${query.toString()}`,
      file.value!,
    ),
  )
}

async function look(): Promise<void> {
  if (!file.value) return
  const found = await send(true)
  trial.value = found ?? null
  mail.value = found?.mail ?? mail.value
  name.value = found?.name ?? none
}

async function take(): Promise<void> {
  const taken = await send(false)
  if (!taken) return
  say(t('subscribersAdded', { new: taken.new }))
  isOpen.value = false
  await queries.invalidateQueries({ queryKey: ['subscribers'] })
}

watch(file, () => {
  ;[mail.value, name.value, trial.value] = [null, null, null]
  void look()
})
</script>

<template>
  <v-dialog v-model="isOpen" max-width="620">
    <v-card :title="t('importSubscribers')">
      <v-card-text class="body">
        <p>{{ t('csvFileColumnNames') }}</p>
        <v-file-input
          v-model="file"
          :label="t('file')"
          accept=".csv,.tsv,.txt,text/csv"
          :error-messages="act.fields.value.file"
        />
        <template v-if="trial">
          <div class="pair">
            <v-select
              v-model="mail"
              :items="trial.columns"
              :label="t('emailColumn')"
              :error-messages="act.fields.value.mail"
              @update:model-value="look"
            />
            <v-select v-model="name" :items="names" :label="t('nameColumn')" @update:model-value="look" />
          </div>
          <p role="status">
            <RichText
              :of="
                rich('trialSum', {
                  new: trial.new,
                  known: trial.known,
                  left: trial.left,
                  twice: trial.twice,
                  noAddress: trial.noAddress,
                  bounced: trial.bounced,
                })
              "
            />
          </p>
          <ul v-if="trial.examples.length" class="small soft">
            <li v-for="row in trial.examples.slice(0, 6)" :key="row.line">
              {{ t('lineLineMailKind', { line: row.line, mail: row.mail, kind: kinds[row.kind] }) }}
            </li>
          </ul>
          <v-text-field
            v-model="reason"
            :label="t('consentNote')"
            :placeholder="t('signedListOpenEvening')"
            :error-messages="act.fields.value.reason"
          />
        </template>
        <p v-else-if="act.fields.value.mail" class="trouble" role="alert">
          {{ t('mailNameColumnMail', { mail: act.fields.value.mail.join(' ') }) }}
        </p>
        <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      </v-card-text>
      <v-card-actions>
        <v-btn variant="text" @click="isOpen = false">{{ t('cancel') }}</v-btn>
        <v-btn v-if="trial" :disabled="trial.new === 0" :loading="act.running.value" @click="take">{{
          t('addSubscribers', { new: trial.new })
        }}</v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.body {
  display: grid;
  gap: 10px;
}
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 10px;
}
</style>
