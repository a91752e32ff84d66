<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { type Schemas, upload } from '../api'
import { counted, useAct, useNotice } from '../shared'

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
  known: 'already subscribed',
  left: 'unsubscribed',
  twice: 'duplicate',
  noAddress: 'no email address',
  bounced: 'bounced',
  newLeft: 'unsubscribed, kept as such',
  newBounced: 'bounced, kept as such',
}
const none = ''
const names = computed(() => [
  { value: none, title: 'No names' },
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
  say(`${counted(taken.new, 'subscriber')} added.`)
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
    <v-card title="Import subscribers">
      <v-card-text class="body">
        <p>CSV file with column names in the first row. Unsubscribed people are not re-added.</p>
        <v-file-input
          v-model="file"
          label="File"
          accept=".csv,.tsv,.txt,text/csv"
          :error-messages="act.fields.value.file"
        />
        <template v-if="trial">
          <div class="pair">
            <v-select
              v-model="mail"
              :items="trial.columns"
              label="Email column"
              :error-messages="act.fields.value.mail"
              @update:model-value="look"
            />
            <v-select v-model="name" :items="names" label="Name column" @update:model-value="look" />
          </div>
          <p role="status">
            <b>{{ counted(trial.new, 'new subscriber') }}</b>; {{ trial.known }} already subscribed,
            {{ trial.left }} ended the mails, {{ trial.twice }} stand there twice, {{ trial.noAddress }} hold no
            address, {{ trial.bounced }} take no mail.
          </p>
          <ul v-if="trial.examples.length" class="small soft">
            <li v-for="row in trial.examples.slice(0, 6)" :key="row.line">
              Line {{ row.line }}: “{{ row.mail }}”, {{ kinds[row.kind] }}
            </li>
          </ul>
          <v-text-field
            v-model="reason"
            label="Consent note"
            placeholder="Signed the list at the open evening in October"
            :error-messages="act.fields.value.reason"
          />
        </template>
        <p v-else-if="act.fields.value.mail" class="trouble" role="alert">
          {{ act.fields.value.mail.join(' ') }} Name a column “mail” in the first line.
        </p>
        <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      </v-card-text>
      <v-card-actions>
        <v-btn variant="text" @click="isOpen = false">Cancel</v-btn>
        <v-btn v-if="trial" :disabled="trial.new === 0" :loading="act.running.value" @click="take"
          >Add {{ counted(trial.new, 'subscriber') }}</v-btn
        >
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
