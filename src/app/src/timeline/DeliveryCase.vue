<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { ref } from 'vue'
import { lineOf, type Schemas } from '../api'
import { acts, broughtWords, kinds, states } from '../channels'
import { CopyButton, localTime, WhenText } from '../shared'
import DeliveryAttempts from './DeliveryAttempts.vue'
import { useDelivery } from './useDelivery'
import { rich, t } from './texts'
import { RichText } from '../texts'

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
  change({ turn: (turn + 1) % turns }, t('usesTextTurnNow', { turn: ((turn + 1) % turns) + 1 }))

function edit(what: 'text' | 'time'): void {
  text.value = delivery.value!.text
  time.value = localTime(delivery.value!.plannedFor, props.zone)
  editing.value = what
}
</script>

<template>
  <aside class="case" :aria-label="t('delivery')">
    <button class="close" :aria-label="t('close')" :title="t('close')" @click="emit('close')">
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
          delivery.held === 'approval' ? t('awaitingApproval') : t('onHold')
        }}</span>
        <span class="soft small">
          <template v-if="delivery.deliveredAt">
            <RichText :of="rich('acceptedWhen')"
              ><template #when><WhenText :at="delivery.deliveredAt" :zone="props.zone" /></template></RichText
          ></template>
          <template v-else-if="delivery.held">
            <RichText :of="rich('sinceWhen')"
              ><template #when><WhenText :at="delivery.plannedFor" :zone="props.zone" /></template></RichText
          ></template>
          <template v-else-if="delivery.nextAttemptAt">
            <RichText :of="rich('goesOutAt')"
              ><template #when><WhenText :at="delivery.nextAttemptAt" :zone="props.zone" /></template></RichText
          ></template>
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
        <CopyButton :text="delivery.receivedAddress" :label="t('copyAddress')" />
      </p>
      <p v-if="delivery.target" class="address">{{ delivery.target }}</p>
      <p v-if="delivery.fullUntil" class="o">
        <RichText :of="rich('rateLimitReached')"
          ><template #when><WhenText :at="delivery.fullUntil" :zone="props.zone" /></template
        ></RichText>
      </p>
      <p
        v-if="delivery.kind === 'social' && delivery.state === 'delivered' && delivery.act === 'publish'"
        class="brought"
      >
        <b v-if="delivery.counts">{{ broughtWords(delivery.counts) || t('noRepliesYet') }}</b>
        <span class="soft small">
          <RichText v-if="delivery.countedAt" :of="rich('updatedWhen')"
            ><template #when><WhenText :at="delivery.countedAt" :zone="props.zone" /></template></RichText
          ><template v-else>{{ t('noFiguresYet') }}</template>
        </span>
        <button
          v-if="delivery.receivedAddress"
          type="button"
          class="link small"
          :disabled="act.running.value"
          @click="countNow"
        >
          {{ t('refresh') }}
        </button>
      </p>
      <p v-if="act.fields.value.counts" class="trouble" role="alert">{{ act.fields.value.counts.join(' ') }}</p>
      <h3>
        {{ delivery.isSent ? t('whatWasSent') : t('whatWillSent')
        }}<span v-if="delivery.turns > 1 && delivery.kind === 'social'" class="small soft">
          {{ t('textTurnTurns', { turn: delivery.turn + 1, turns: delivery.turns }) }}</span
        ><span v-if="delivery.count !== null && delivery.count !== undefined" class="small soft">
          {{ t('countLimit', { count: delivery.count, limit: delivery.limit }) }}</span
        >
      </h3>
      <form v-if="editing === 'text'" novalidate @submit.prevent="change({ text }, t('textSaved'))">
        <v-textarea v-model="text" :label="t('text')" rows="7" auto-grow :error-messages="act.fields.value.text" />
        <div class="row">
          <v-btn type="submit" :loading="act.running.value">{{ t('saveText') }}</v-btn>
          <v-btn variant="text" @click="text = ''">{{ t('resetTemplate') }}</v-btn>
          <v-btn variant="text" @click="editing = null">{{ t('cancel') }}</v-btn>
        </div>
      </form>
      <pre v-else class="sent" tabindex="0" :class="{ prose: delivery.kind === 'social' }">{{ delivery.text }}</pre>
      <form v-if="editing === 'time'" class="row" novalidate @submit.prevent="change({ at: time }, t('moved'))">
        <v-text-field
          v-model="time"
          type="datetime-local"
          :label="t('sendAt')"
          density="compact"
          :error-messages="act.fields.value.at"
        />
        <v-btn type="submit" :loading="act.running.value">{{ t('reschedule') }}</v-btn>
        <v-btn variant="text" @click="editing = null">{{ t('cancel') }}</v-btn>
      </form>
      <div v-if="props.mayAct && !editing" class="row acts">
        <template v-if="waits">
          <v-btn v-if="delivery.held" @click="change({ isHeld: false }, t('goesOutItsTime'))">{{
            delivery.held === 'approval' ? t('approve') : t('release')
          }}</v-btn>
          <v-btn v-else variant="outlined" @click="change({ isHeld: true }, t('held'))">{{ t('putHold') }}</v-btn>
          <v-btn
            v-if="delivery.kind === 'social' && delivery.act === 'publish'"
            variant="outlined"
            @click="edit('text')"
            >{{ t('editText') }}</v-btn
          >
          <v-btn
            v-if="delivery.kind === 'social' && delivery.act === 'publish' && delivery.turns > 1"
            variant="outlined"
            @click="otherText(delivery)"
            >{{ t('useNextText') }}</v-btn
          >
          <v-btn variant="outlined" @click="edit('time')">{{ t('reschedule') }}</v-btn>
          <v-btn variant="outlined" @click="cancel">{{ t('cancelDelivery') }}</v-btn>
        </template>
        <v-btn v-else-if="delivery.state === 'failed' || delivery.state === 'cancelled'" @click="retry">{{
          t('tryAgain')
        }}</v-btn>
        <v-btn
          v-else-if="delivery.state === 'delivered' && delivery.postId && delivery.act === 'publish'"
          variant="outlined"
          @click="again"
          >{{ t('sendAgain') }}</v-btn
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
