<script setup lang="ts">
import { computed, ref } from 'vue'
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router'
import { ChannelTabs, DangerButton, PageTitle, useSite, WhenText } from '../shared'
import DigestForm from './DigestForm.vue'
import DigestPreview from './DigestPreview.vue'
import { useDigest } from './useDigest'
import { rich, t } from './texts'
import { RichText } from '../texts'

const { id, site, mayEdit } = useSite()
const route = useRoute()
const router = useRouter()
const number = computed(() => (route.params.digest === 'new' ? null : Number(route.params.digest)))
const digest = useDigest(
  () => id.value,
  () => number.value,
)
const { current, act, isChanged } = digest
const isSure = ref(false)

async function save(): Promise<void> {
  const saved = await digest.save()
  if (saved && !number.value) await router.replace(`/s/${id.value}/channels/mail/${saved}`)
}

async function remove(): Promise<void> {
  if (await digest.remove(digest.form.name)) await router.push(`/s/${id.value}/channels/mail`)
}

async function sendNow(): Promise<void> {
  if (await digest.sendNow()) await router.push(`/s/${id.value}/channels/mail`)
}

onBeforeRouteLeave(
  (to) => to.name === 'digest' || !number.value || !isChanged.value || window.confirm(t('leaveUnsaved')),
)
</script>

<template>
  <PageTitle :title="current?.name ?? t('newDigest')">
    <template #state v-if="current"
      ><RichText v-if="current.pausedAt" :of="rich('subscribersPaused', { receivers: current.receivers })"
        ><template #when><WhenText :at="current.pausedAt" /></template></RichText
      ><RichText
        v-else-if="current.nextAt"
        :of="rich('subscribersNext', { receivers: current.receivers, waiting: current.waiting })"
        ><template #when><WhenText :at="current.nextAt" :zone="site?.timeZone" /></template></RichText
      ><template v-else>{{ t('subscribersEachPost', { receivers: current.receivers }) }}</template></template
    >
    <template v-if="mayEdit" #act>
      <template v-if="current">
        <v-btn variant="text" :loading="act.running.value" @click="digest.setPaused(!current.pausedAt)">{{
          current.pausedAt ? t('resume') : t('pause')
        }}</v-btn>
        <v-btn
          v-if="current.waiting"
          variant="outlined"
          :loading="act.running.value"
          :disabled="isChanged"
          @click="sendNow"
          >{{ t('sendPostsNow', { waiting: current.waiting }) }}</v-btn
        >
      </template>
      <v-btn :loading="act.running.value" :disabled="!!current && !isChanged" @click="save">{{
        current ? t('save') : t('createDigest')
      }}</v-btn>
    </template>
  </PageTitle>
  <ChannelTabs />
  <p v-if="act.trouble.value || act.fields.value.test || act.fields.value.posts" class="work trouble" role="alert">
    {{ act.trouble.value || act.fields.value.test?.[0] || act.fields.value.posts?.[0] }}
  </p>
  <div class="work split">
    <div class="questions">
      <DigestForm :digest="digest" :site-id="id" :may-edit="mayEdit" />
      <p v-if="current && mayEdit" class="off">
        <button v-if="!isSure" type="button" class="link quiet small" @click="isSure = true">
          {{ t('deleteDigest') }}
        </button>
        <DangerButton v-else size="small" @click="remove">{{ t('deleteSentEmailsKept') }}</DangerButton>
      </p>
    </div>
    <DigestPreview :digest="digest" :may-edit="mayEdit" />
  </div>
</template>

<style scoped>
.questions {
  width: 420px;
  flex: none;
  padding: 14px 24px 60px;
  border-right: 1px solid var(--rule);
}
.off {
  margin-top: 30px;
}
@media (max-width: 860px) {
  .questions {
    width: auto;
    border: 0;
    padding: 10px 16px 20px;
  }
}
</style>
