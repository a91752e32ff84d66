<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { ref } from 'vue'
import { lineOf, type Schemas } from '../api'
import { acts, broughtWords, kinds, states } from '../channels'
import { CopyButton, localTime, WhenText } from '../shared'
import DeliveryAttempts from './DeliveryAttempts.vue'
import { useDelivery } from './useDelivery'

/** A delivery: exactly what was or will be sent, every attempt, and what can be done. */
const props = defineProps<{ siteId: number; deliveryId: number; zone: string | undefined; mayAct: boolean }>()
const emit = defineEmits<{ close: [] }>()
const editing = ref<'text' | 'time' | null>(null)
const { delivery, error, act, waits, change, cancel, countNow, retry, again } = useDelivery(
  () => ({ site: props.siteId, delivery: props.deliveryId }),
  () => (editing.value = null),
)
const text = ref('')
const time = ref('')
const otherText = ({ turn, turns }: Schemas['ChannelDeliveryView']) =>
  change({ turn: (turn + 1) % turns }, `Uses text ${((turn + 1) % turns) + 1} now.`)

function edit(what: 'text' | 'time'): void {
  text.value = delivery.value!.text
  time.value = localTime(delivery.value!.plannedFor, props.zone)
  editing.value = what
}
</script>

<template>
  <aside class="case" aria-label="Delivery">
    <button class="close" aria-label="Close" title="Close" @click="emit('close')">
      <v-icon :icon="mdiClose" size="20" />
    </button>
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <template v-if="delivery">
      <p class="small soft kicker">
        {{ delivery.channel }} · {{ kinds[delivery.kind].name
        }}<template v-if="delivery.act === 'update' || delivery.act === 'withdraw'">
          · {{ acts[delivery.act] }}</template
        >
      </p>
      <h2>
        <router-link v-if="delivery.postId" :to="`/s/${props.siteId}/posts/${delivery.postId}`">{{
          delivery.title
        }}</router-link><template v-else>{{ delivery.title }}</template>
      </h2>
      <p>
        <span class="tag" :class="states[delivery.state].tone">{{ states[delivery.state].name }}</span>
        <span v-if="delivery.held" class="tag o">{{
          delivery.held === 'approval' ? 'Awaiting approval' : 'On hold'
        }}</span>
        <span class="soft small">
          <template v-if="delivery.deliveredAt">
            accepted <WhenText :at="delivery.deliveredAt" :zone="props.zone"
          /></template>
          <template v-else-if="delivery.held">
            since <WhenText :at="delivery.plannedFor" :zone="props.zone"
          /></template>
          <template v-else-if="delivery.nextAttemptAt">
            goes out <WhenText :at="delivery.nextAttemptAt" :zone="props.zone"
          /></template>
        </span>
      </p>
      <p
        v-if="delivery.answer && delivery.state !== 'delivered'"
        :class="delivery.state === 'cancelled' ? 'soft' : 'm'"
      >
        {{ delivery.answer }}
      </p>
      <p v-if="delivery.receivedAddress" class="address">
        <a :href="delivery.receivedAddress" target="_blank" rel="noopener">{{ delivery.receivedAddress }}</a>
        <CopyButton :text="delivery.receivedAddress" label="Copy the address" />
      </p>
      <p v-if="delivery.target" class="address">{{ delivery.target }}</p>
      <p v-if="delivery.fullUntil" class="o">
        Rate limit reached; it will be sent after <WhenText :at="delivery.fullUntil" :zone="props.zone" />.
      </p>
      <p
        v-if="delivery.kind === 'social' && delivery.state === 'delivered' && delivery.act === 'publish'"
        class="brought"
      >
        <b v-if="delivery.counts">{{ broughtWords(delivery.counts) || 'No replies yet' }}</b>
        <span class="soft small">
          <template v-if="delivery.countedAt">updated <WhenText :at="delivery.countedAt" :zone="props.zone" /></template
          ><template v-else>No figures yet</template>
        </span>
        <button
          v-if="delivery.receivedAddress"
          type="button"
          class="link small"
          :disabled="act.running.value"
          @click="countNow"
        >
          Refresh
        </button>
      </p>
      <p v-if="act.fields.value.counts" class="trouble" role="alert">{{ act.fields.value.counts.join(' ') }}</p>
      <h3>
        {{ delivery.isSent ? 'What was sent' : 'What will be sent'
        }}<span v-if="delivery.turns > 1 && delivery.kind === 'social'" class="small soft">
          · text {{ delivery.turn + 1 }} of {{ delivery.turns }}</span
        ><span v-if="delivery.count !== null && delivery.count !== undefined" class="small soft">
          · {{ delivery.count }} of {{ delivery.limit }}</span
        >
      </h3>
      <form v-if="editing === 'text'" novalidate @submit.prevent="change({ text }, 'Text saved.')">
        <v-textarea v-model="text" label="Text" rows="7" auto-grow :error-messages="act.fields.value.text" />
        <div class="row">
          <v-btn type="submit" :loading="act.running.value">Save text</v-btn>
          <v-btn variant="text" @click="text = ''">Reset to template</v-btn>
          <v-btn variant="text" @click="editing = null">Cancel</v-btn>
        </div>
      </form>
      <pre v-else class="sent" tabindex="0" :class="{ prose: delivery.kind === 'social' }">{{ delivery.text }}</pre>
      <form v-if="editing === 'time'" class="row" novalidate @submit.prevent="change({ at: time }, 'Moved.')">
        <v-text-field
          v-model="time"
          type="datetime-local"
          label="Send at"
          density="compact"
          :error-messages="act.fields.value.at"
        />
        <v-btn type="submit" :loading="act.running.value">Reschedule</v-btn>
        <v-btn variant="text" @click="editing = null">Cancel</v-btn>
      </form>
      <div v-if="props.mayAct && !editing" class="row acts">
        <template v-if="waits">
          <v-btn v-if="delivery.held" @click="change({ isHeld: false }, 'It goes out at its time.')">{{
            delivery.held === 'approval' ? 'Approve' : 'Release'
          }}</v-btn>
          <v-btn v-else variant="outlined" @click="change({ isHeld: true }, 'Held.')">Put on hold</v-btn>
          <v-btn
            v-if="delivery.kind === 'social' && delivery.act === 'publish'"
            variant="outlined"
            @click="edit('text')"
            >Edit text</v-btn
          >
          <v-btn
            v-if="delivery.kind === 'social' && delivery.act === 'publish' && delivery.turns > 1"
            variant="outlined"
            @click="otherText(delivery)"
            >Use next text</v-btn
          >
          <v-btn variant="outlined" @click="edit('time')">Reschedule</v-btn>
          <v-btn variant="outlined" color="secondary" @click="cancel">Cancel delivery</v-btn>
        </template>
        <v-btn v-else-if="delivery.state === 'failed' || delivery.state === 'cancelled'" @click="retry"
          >Try again</v-btn
        >
        <v-btn
          v-else-if="delivery.state === 'delivered' && delivery.postId && delivery.act === 'publish'"
          variant="outlined"
          @click="again"
          >Send again</v-btn
        >
      </div>
      <p v-if="act.trouble.value || act.fields.value.state" class="trouble" role="alert">
        {{ act.trouble.value || act.fields.value.state?.join(' ') }}
      </p>
      <DeliveryAttempts :attempts="delivery.tried" :zone="props.zone" />
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
