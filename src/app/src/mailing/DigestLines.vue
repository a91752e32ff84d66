<script setup lang="ts">
import type { Schemas } from '../api'
import { WhenText } from '../shared'
import { rhythmWords } from './rhythm'
import { t } from './texts'

const props = defineProps<{ digests: Schemas['DigestView'][]; siteId: number; zone: string | undefined }>()
</script>

<template>
  <table class="ruled digests">
    <thead>
      <tr>
        <th>{{ t('digest') }}</th>
        <th>{{ t('schedule') }}</th>
        <th>{{ t('next') }}</th>
        <th class="num">{{ t('newPosts2') }}</th>
        <th class="num">{{ t('subscribers') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="one in props.digests" :key="one.id">
        <td>
          <router-link class="t" :to="`/s/${props.siteId}/channels/mail/${one.id}`">{{ one.name }}</router-link>
        </td>
        <td class="soft">{{ rhythmWords(one.settings.rhythm) }}</td>
        <td>
          <span v-if="one.pausedAt" class="tag o">{{ t('paused') }}</span><WhenText
            v-else-if="one.nextAt"
            :at="one.nextAt"
            :zone="props.zone"
          /><span v-else class="soft">{{ t('eachNewPost') }}</span>
        </td>
        <td class="num">{{ one.nextAt ? one.waiting : '' }}</td>
        <td class="num" :title="t('goesSubscribers', { receivers: one.receivers })">{{ one.receivers }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.digests {
  width: 100%;
}
@media (max-width: 860px) {
  .digests th:nth-child(2),
  .digests td:nth-child(2),
  .digests th:nth-child(4),
  .digests td:nth-child(4) {
    display: none;
  }
}
</style>
