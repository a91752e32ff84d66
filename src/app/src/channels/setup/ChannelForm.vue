<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { ChoiceFields, CopyButton, DangerButton, WhenText } from '../../shared'
import PaceFields from './PaceFields.vue'
import TemplateField from './TemplateField.vue'
import TimingFields from './TimingFields.vue'
import type { useChannelForm } from './useChannelForm'
import { events, extents, kinds, partnerWays } from '../words'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

/** How one channel works, in the order people ask. */
const props = defineProps<{
  setUp: ReturnType<typeof useChannelForm>
  siteId: number
  current: Schemas['ChannelView'] | undefined
  mayEdit: boolean
}>()
const emit = defineEmits<{ save: []; removed: [] }>()
const draft = computed(() => props.setUp.form)
const { test, made, keepsSecret } = props.setUp
const { running, trouble, fields } = props.setUp.act
const words = computed(() => kinds[draft.value.kind])
const isPublishing = computed(() => draft.value.kind === 'social' || draft.value.kind === 'partner')
const sure = ref(false)
const wayOffered = computed(
  () => partnerWays.find((partnerWay) => partnerWay.value === test.value?.offer?.protocol)?.title,
)
const problem = (name: string) => fields.value[name]

async function remove(): Promise<void> {
  if (await props.setUp.remove()) emit('removed')
  sure.value = false
}
</script>

<template>
  <form class="channel" novalidate @submit.prevent="emit('save')">
    <h2>{{ draft.id ? draft.name : words.name }}</h2>
    <p class="soft">{{ words.does }}</p>
    <p v-if="props.current?.pausedAt" class="paused">
      <RichText
        :of="
          props.current.pauseReason
            ? rich('pausedAutomaticallyWhen', { reason: props.current.pauseReason })
            : rich('pausedWhen')
        "
        ><template #when><WhenText :at="props.current.pausedAt" /></template
      ></RichText>
    </p>
    <h3 class="group">{{ t('destination') }}</h3>
    <v-text-field
      v-model="draft.name"
      :label="t('name')"
      :placeholder="t('whatTeamCalls')"
      :error-messages="problem('name')"
      :readonly="!props.mayEdit"
    />
    <v-text-field
      v-if="words.address"
      v-model="draft.settings.address"
      :label="words.address"
      placeholder="https://"
      :error-messages="problem('address')"
      :readonly="!props.mayEdit"
    />
    <template v-if="draft.kind === 'partner'">
      <v-select
        v-model="draft.settings.protocol"
        :items="partnerWays"
        :label="t('protocol')"
        :readonly="!props.mayEdit"
      />
      <v-text-field
        v-if="draft.settings.protocol === 'atomPub'"
        v-model="draft.settings.account"
        :label="t('userName')"
        :placeholder="t('leaveEmptyIfUse')"
        persistent-placeholder
        autocomplete="off"
        :error-messages="problem('account')"
        :readonly="!props.mayEdit"
      />
    </template>
    <v-text-field
      v-if="words.secret"
      v-model="draft.secret"
      :label="draft.kind === 'partner' && draft.settings.account ? t('password') : words.secret"
      type="password"
      autocomplete="off"
      :placeholder="
        keepsSecret ? t('savedTypeReplace') : draft.kind === 'webhook' ? t('sharedSecret') : t('fromReceivingService')
      "
      persistent-placeholder
      :hint="draft.hasSecret && !keepsSecret ? t('savedOneWasPrevious') : ''"
      persistent-hint
      :error-messages="problem('secret')"
      :readonly="!props.mayEdit"
    />
    <div v-if="draft.kind === 'webhook' && draft.id && props.mayEdit" class="secret">
      <v-btn variant="outlined" size="small" :loading="running" @click="props.setUp.renew">{{
        t('generateNewSecret')
      }}</v-btn>
      <p v-if="made" role="status">
        <code>{{ made.secret }}</code> <CopyButton :text="made.secret" :label="t('copySecret')" /><br /><span
          class="small soft"
          >{{ t('copyNow') }}{{ ' '
          }}<RichText v-if="made.beforeUntil" :of="rich('previousSecretValidUntil')"
            ><template #when><WhenText :at="made.beforeUntil" /></template></RichText
        ></span>
      </p>
    </div>
    <h3 class="group">{{ t('whichPosts') }}</h3>
    <ChoiceFields v-model="draft.settings.choice" :site-id="props.siteId" :readonly="!props.mayEdit" />
    <template v-if="isPublishing">
      <h3 class="group">{{ t('when2') }}</h3>
      <TimingFields v-model="draft.settings" :problems="fields" />
    </template>
    <template v-if="draft.kind !== 'pings'">
      <h3 class="group">{{ t('rateLimit') }}</h3>
      <PaceFields v-model="draft.settings.pace" :problems="fields" :readonly="!props.mayEdit" />
    </template>
    <template v-if="draft.kind === 'social'">
      <h3 class="group">{{ t('messageText') }}</h3>
      <TemplateField
        v-model="draft.settings"
        :site-id="props.siteId"
        :problem="problem('template')?.[0]"
        :problems="fields"
      />
    </template>
    <template v-if="draft.kind === 'partner'">
      <h3 class="group">{{ t('content') }}</h3>
      <v-select v-model="draft.settings.extent" :items="extents" :label="t('send')" />
    </template>
    <template v-if="draft.kind === 'webhook'">
      <h3 class="group">{{ t('events') }}</h3>
      <v-switch
        v-for="one in events"
        :key="one.value"
        v-model="draft.settings.events"
        :value="one.value"
        :label="one.title"
      />
      <p class="small soft">{{ t('ifNothingSelectedAll') }}</p>
    </template>
    <v-switch v-if="isPublishing" v-model="draft.settings.withPicture" :label="t('attachPicture')" />
    <v-switch
      v-model="draft.settings.followsChanges"
      :label="draft.kind === 'social' ? t('deleteThereWhenPost') : t('sendUpdatesWithdrawals')"
    />
    <template v-if="!draft.id && isPublishing">
      <h3 class="group">{{ t('olderPosts') }}</h3>
      <div class="pair">
        <v-text-field
          v-model.number="draft.older"
          type="number"
          min="0"
          max="50"
          :label="t('sendLatest')"
          :suffix="t('posts2')"
          :error-messages="problem('older')"
        />
        <v-text-field
          v-if="draft.older > 1"
          v-model.number="draft.daysApart"
          type="number"
          min="0"
          max="30"
          :label="t('daysApart')"
          :error-messages="problem('daysApart')"
        />
      </div>
    </template>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="test" :class="test.isGood ? 'v' : 'm'" role="status">
      {{ test.isGood ? '' : t('testFailed') }}{{ test.answer }}
    </p>
    <p v-if="test?.offer" class="offer">
      <span
        >{{ wayOffered }}: <code>{{ test.offer.address }}</code></span
      >
      <v-btn variant="outlined" size="small" :loading="running" @click="props.setUp.takeOffer(test.offer)">{{
        t('useAddress')
      }}</v-btn>
    </p>
    <div v-if="props.mayEdit" class="row acts">
      <v-btn type="submit" :loading="running">{{ draft.id ? t('save') : t('addChannel') }}</v-btn>
      <template v-if="draft.id">
        <v-btn variant="outlined" :loading="running" @click="props.setUp.tryOut">{{ t('testIt') }}</v-btn>
        <v-btn variant="outlined" @click="props.setUp.setPaused(!props.current?.pausedAt)">{{
          props.current?.pausedAt ? t('resume') : t('pause')
        }}</v-btn>
        <v-btn v-if="!sure" variant="text" @click="sure = true">{{ t('deleteChannel') }}</v-btn>
        <DangerButton v-else @click="remove">{{ t('deleteChannelCancelScheduled') }}</DangerButton>
      </template>
    </div>
  </form>
</template>

<style scoped>
.channel {
  max-width: 720px;
  display: grid;
  gap: 10px;
}
h2 {
  font-size: 23px;
  margin: 0;
}
.group {
  margin: 16px 0 0;
}
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: 10px;
}
.paused {
  border-left: 3px solid var(--ochre);
  background: var(--wash-o);
  padding: 8px 14px;
  overflow-wrap: anywhere;
}
.secret p {
  margin: 8px 0 0;
  overflow-wrap: anywhere;
}
.offer {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  overflow-wrap: anywhere;
}
.acts {
  gap: 8px;
  flex-wrap: wrap;
  margin-top: 12px;
}
</style>
