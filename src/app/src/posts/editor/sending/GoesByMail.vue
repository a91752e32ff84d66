<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../../api'
import { WhenText } from '../../../shared'
import { useForecast } from './useForecast'
import { t } from '../../texts'

/** Which mails bring the post, and whether any does. */
const details = defineModel<Schemas['PostDetails']>({ required: true })
const props = defineProps<{
  siteId: number
  postId: number
  revision: number
  readonly: boolean
  zone: string | undefined
}>()
const { data: forecast } = useForecast(() => props)
const staysOut = computed({
  get: () => details.value.staysOutOfMail ?? false,
  set: (out) => (details.value = { ...details.value, staysOutOfMail: out }),
})
</script>

<template>
  <section v-if="forecast" class="mails">
    <h2 class="group">{{ t('byMail') }}</h2>
    <p v-if="staysOut" class="small soft">{{ t('notSentByEmail') }}</p>
    <p v-else-if="forecast.digests.length === 0" class="small soft">{{ t('alreadySentNoDigest') }}</p>
    <ul v-else>
      <li v-for="one in forecast.digests" :key="one.id">
        <router-link :to="`/s/${props.siteId}/channels/mail/${one.id}`">{{ one.name }}</router-link>
        <span class="small soft"
          >{{ t('subscribers2', { receivers: one.receivers }) }},
          <WhenText v-if="one.nextAt" :at="one.nextAt" :zone="props.zone" /><template v-else>{{
            t('whenPublished')
          }}</template></span
        >
      </li>
    </ul>
    <v-switch v-model="staysOut" :label="t('doNotSendBy')" :disabled="props.readonly" />
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  flex-wrap: wrap;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  font-size: 14px;
}
</style>
