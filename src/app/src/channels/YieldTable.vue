<script setup lang="ts">
import type { Schemas } from '../api/client'
import { broughtWords, kinds } from './words'

/** What each channel brought: what went out, how often it was seen, who came, what was answered. */
const props = defineProps<{ siteId: number; channels: Schemas['ChannelYield'][] }>()
const cameHint = (one: Schemas['ChannelYield']) =>
  one.came !== null ? '' : one.kind === 'social' ? 'Its links name no source; “Count readers as coming from” lets them' : 'Clicks of this mail are not counted'
</script>

<template>
  <div class="scroll">
    <table class="ruled">
      <thead>
        <tr>
          <th>Channel</th>
          <th class="num">Delivered</th>
          <th class="num">Opened</th>
          <th class="num">Came</th>
          <th>Answered there</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in props.channels" :key="one.path">
          <td>
            <router-link class="t" :to="`/s/${props.siteId}/channels/${one.path}`">{{ one.name }}</router-link>
            <small class="soft"> {{ one.kind ? kinds[one.kind].name : 'Mail' }}</small>
          </td>
          <td class="num">{{ one.delivered }}</td>
          <td class="num" :title="one.seen === null ? 'Not counted' : ''">{{ one.seen ?? '–' }}</td>
          <td class="num" :title="cameHint(one)">{{ one.came ?? '–' }}</td>
          <td class="m">{{ one.answered ? broughtWords(one.answered) : '' }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
  margin-top: 26px;
}
th,
td {
  white-space: nowrap;
}
</style>
