<script setup lang="ts">
import type { Schemas } from '../api'
import { counted, WhenText } from '../shared'
import { rhythmWords } from './rhythm'

const props = defineProps<{ digests: Schemas['DigestView'][]; siteId: number; zone: string | undefined }>()
</script>

<template>
  <table class="ruled digests">
    <thead>
      <tr>
        <th>Digest</th>
        <th>Schedule</th>
        <th>Next</th>
        <th class="num">New posts</th>
        <th class="num">Subscribers</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="one in props.digests" :key="one.id">
        <td>
          <router-link class="t" :to="`/s/${props.siteId}/channels/mail/${one.id}`">{{ one.name }}</router-link>
        </td>
        <td class="soft">{{ rhythmWords(one.settings.rhythm) }}</td>
        <td>
          <span v-if="one.pausedAt" class="tag o">Paused</span
          ><WhenText v-else-if="one.nextAt" :at="one.nextAt" :zone="props.zone" /><span v-else class="soft"
            >with each new post</span
          >
        </td>
        <td class="num">{{ one.nextAt ? one.waiting : '' }}</td>
        <td class="num" :title="`Goes to ${counted(one.receivers, 'subscriber')}`">{{ one.receivers }}</td>
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
