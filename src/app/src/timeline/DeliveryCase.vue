<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { CopyButton, localTime, useAct, useNotice, WhenText } from '../shared'
import { acts, broughtWords, kinds, noChange, states } from '../channels'

/** A delivery: exactly what was or will be sent, every attempt, and what can be done. */
const props = defineProps<{ siteId: number; deliveryId: number; zone: string | undefined; mayAct: boolean }>()
const emit = defineEmits<{ close: [] }>()
const path = () => ({ site: props.siteId, delivery: props.deliveryId })
const { data: one, error } = useQuery({
  queryKey: ['channel-delivery', path],
  queryFn: () => take(api.GET('/api/sites/{site}/channels/deliveries/{delivery}', { params: { path: path() } })),
  refetchInterval: 4_000,
})
const act = useAct()
const { say } = useNotice()
const queries = useQueryClient()
const editing = ref<'text' | 'time' | null>(null)
const text = ref('')
const time = ref('')
const waits = computed(() => one.value?.state === 'queued' || one.value?.state === 'retrying')
const outcomes: Record<Schemas['SendOutcomeKind'], string> = { taken: 'taken', refused: 'refused', passing: 'failed for now', notNeeded: 'not needed' }

async function run(what: () => Promise<unknown>, done: string): Promise<void> {
  await act.run(what)
  if (!act.trouble.value && Object.keys(act.fields.value).length === 0) {
    editing.value = null
    say(done)
  }
  for (const key of ['channel-delivery', 'time-line', 'channels', 'failure-causes', 'coverage']) await queries.invalidateQueries({ queryKey: [key] })
}

const change = (what: Partial<Schemas['DeliveryChange']>, done: string) =>
  run(() => take(api.PUT('/api/sites/{site}/channels/deliveries/{delivery}', { params: { path: path() }, body: { ...noChange, ...what } })), done)
const cancel = () => run(() => take(api.POST('/api/sites/{site}/channels/deliveries/{delivery}/cancel', { params: { path: path() } })), 'Cancelled.')
const countNow = () => run(() => take(api.POST('/api/sites/{site}/channels/deliveries/{delivery}/count', { params: { path: path() } })), 'Counted.')
const otherText = (turn: number) => change({ turn }, `It takes text ${turn + 1}.`)
const retry = () => run(() => take(api.POST('/api/sites/{site}/channels/deliveries/{delivery}/retry', { params: { path: path() } })), 'On the way again.')
const again = () =>
  run(
    () =>
      take(
        api.POST('/api/sites/{site}/posts/{post}/channels/{channel}', {
          params: { path: { site: props.siteId, post: one.value!.postId!, channel: one.value!.channelId } },
          body: {},
        }),
      ),
    'On the way once more.',
  )

function edit(what: 'text' | 'time'): void {
  text.value = one.value!.text
  time.value = localTime(one.value!.plannedFor, props.zone)
  editing.value = what
}
</script>

<template>
  <aside class="case" aria-label="Delivery">
    <button class="close" aria-label="Close" title="Close" @click="emit('close')"><v-icon :icon="mdiClose" size="20" /></button>
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <template v-if="one">
      <p class="small soft kicker">
        {{ one.channel }} · {{ kinds[one.kind].name }}<template v-if="one.act === 'update' || one.act === 'withdraw'"> · {{ acts[one.act] }}</template>
      </p>
      <h2>
        <router-link v-if="one.postId" :to="`/s/${props.siteId}/posts/${one.postId}`">{{ one.title }}</router-link><template v-else>{{ one.title }}</template>
      </h2>
      <p>
        <span class="tag" :class="states[one.state].tone">{{ states[one.state].name }}</span>
        <span v-if="one.held" class="tag o">{{ one.held === 'approval' ? 'Waits for approval' : 'Held' }}</span>
        <span class="soft small">
          <template v-if="one.deliveredAt"> taken <WhenText :at="one.deliveredAt" :zone="props.zone" /></template>
          <template v-else-if="one.held"> since <WhenText :at="one.plannedFor" :zone="props.zone" /></template>
          <template v-else-if="one.nextAttemptAt"> goes out <WhenText :at="one.nextAttemptAt" :zone="props.zone" /></template>
        </span>
      </p>
      <p v-if="one.answer && one.state !== 'delivered'" :class="one.state === 'cancelled' ? 'soft' : 'm'">{{ one.answer }}</p>
      <p v-if="one.receivedAddress" class="address">
        <a :href="one.receivedAddress" target="_blank" rel="noopener">{{ one.receivedAddress }}</a>
        <CopyButton :text="one.receivedAddress" label="Copy the address" />
      </p>
      <p v-if="one.target" class="address">{{ one.target }}</p>
      <p v-if="one.fullUntil" class="o">The receiver takes no more for now; it goes out from <WhenText :at="one.fullUntil" :zone="props.zone" />.</p>
      <p v-if="one.kind === 'social' && one.state === 'delivered' && one.act === 'publish'" class="brought">
        <b v-if="one.counts">{{ broughtWords(one.counts) || 'Nobody has answered yet' }}</b>
        <span class="soft small">
          <template v-if="one.countedAt">asked <WhenText :at="one.countedAt" :zone="props.zone" /></template
          ><template v-else>Not asked yet what it brought</template>
        </span>
        <button v-if="one.receivedAddress" type="button" class="link small" :disabled="act.running.value" @click="countNow">Ask now</button>
      </p>
      <p v-if="act.fields.value.counts" class="trouble" role="alert">{{ act.fields.value.counts.join(' ') }}</p>
      <h3>
        {{ one.isSent ? 'What was sent' : 'What will be sent'
        }}<span v-if="one.turns > 1 && one.kind === 'social'" class="small soft"> · text {{ one.turn + 1 }} of {{ one.turns }}</span
        ><span v-if="one.count !== null && one.count !== undefined" class="small soft"> · {{ one.count }} of {{ one.limit }}</span>
      </h3>
      <form v-if="editing === 'text'" novalidate @submit.prevent="change({ text }, 'The text is kept.')">
        <v-textarea v-model="text" label="Text" rows="7" auto-grow :error-messages="act.fields.value.text" />
        <div class="row">
          <v-btn type="submit" :loading="act.running.value">Keep the text</v-btn>
          <v-btn variant="text" @click="text = ''">As the template says</v-btn>
          <v-btn variant="text" @click="editing = null">Cancel</v-btn>
        </div>
      </form>
      <pre v-else class="sent" tabindex="0" :class="{ prose: one.kind === 'social' }">{{ one.text }}</pre>
      <form v-if="editing === 'time'" class="row" novalidate @submit.prevent="change({ at: time }, 'Moved.')">
        <v-text-field v-model="time" type="datetime-local" label="Goes out at" density="compact" :error-messages="act.fields.value.at" />
        <v-btn type="submit" :loading="act.running.value">Move</v-btn>
        <v-btn variant="text" @click="editing = null">Cancel</v-btn>
      </form>
      <div v-if="props.mayAct && !editing" class="row acts">
        <template v-if="waits">
          <v-btn v-if="one.held" @click="change({ isHeld: false }, 'It goes out at its time.')">{{ one.held === 'approval' ? 'Approve' : 'Let it go' }}</v-btn>
          <v-btn v-else variant="outlined" @click="change({ isHeld: true }, 'Held.')">Hold</v-btn>
          <v-btn v-if="one.kind === 'social' && one.act === 'publish'" variant="outlined" @click="edit('text')">Reword</v-btn>
          <v-btn v-if="one.kind === 'social' && one.act === 'publish' && one.turns > 1" variant="outlined" @click="otherText((one.turn + 1) % one.turns)"
            >Next text</v-btn
          >
          <v-btn variant="outlined" @click="edit('time')">Move</v-btn>
          <v-btn variant="outlined" color="secondary" @click="cancel">Cancel it</v-btn>
        </template>
        <v-btn v-else-if="one.state === 'failed' || one.state === 'cancelled'" @click="retry">Try again</v-btn>
        <v-btn v-else-if="one.state === 'delivered' && one.postId && one.act === 'publish'" variant="outlined" @click="again">Send once more</v-btn>
      </div>
      <p v-if="act.trouble.value || act.fields.value.state" class="trouble" role="alert">{{ act.trouble.value || act.fields.value.state?.join(' ') }}</p>
      <h3>Attempts</h3>
      <p v-if="one.tried.length === 0" class="soft small">None yet.</p>
      <table v-else class="ruled">
        <tbody>
          <tr v-for="(attempt, index) in one.tried" :key="index">
            <td class="soft"><WhenText :at="attempt.at" :zone="props.zone" /></td>
            <td>{{ outcomes[attempt.outcome] }}</td>
            <td class="soft said">{{ attempt.answer }}</td>
            <td class="num soft">{{ attempt.milliseconds }} ms</td>
          </tr>
        </tbody>
      </table>
    </template>
  </aside>
</template>

<style scoped>
.case {
  position: relative;
  width: 460px;
  flex: none;
  border-left: 1px solid var(--rule);
  background: var(--sheet);
  padding: 20px 26px 60px;
  overflow-wrap: anywhere;
}
.close {
  position: absolute;
  top: 14px;
  right: 16px;
  background: none;
  border: 0;
  color: var(--soft);
  cursor: pointer;
}
h2 {
  font-size: 21px;
  line-height: 1.2;
  margin: 2px 28px 8px 0;
}
h2 a {
  color: inherit;
}
h3 {
  font-size: 14px;
  margin: 20px 0 6px;
}
.tag {
  margin-right: 6px;
}
.sent {
  font-size: 12.5px;
  white-space: pre-wrap;
  background: var(--paper);
  border: 1px solid var(--hair);
  border-radius: 6px;
  padding: 12px 14px;
  max-height: 320px;
  overflow: auto;
}
.sent.prose {
  font-family: inherit;
  font-size: 15px;
}
.brought {
  display: flex;
  gap: 4px 10px;
  align-items: baseline;
  flex-wrap: wrap;
  border-left: 3px solid var(--madder);
  padding-left: 10px;
}
.acts {
  gap: 8px;
  flex-wrap: wrap;
  margin-top: 12px;
}
.said {
  font-size: 13px;
}
@media (max-width: 860px) {
  .case {
    width: auto;
    border: 0;
    border-top: 1px solid var(--rule);
    padding: 16px 16px 90px;
    order: -1;
  }
}
</style>
