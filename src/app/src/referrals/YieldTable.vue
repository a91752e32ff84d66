<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api'
import { broughtWords, kinds } from '../channels'
import { t } from './texts'

/** What each channel brought: what went out, how often it was seen, who came, what was answered. */
const props = defineProps<{ siteId: number; digests: Schemas['DigestYield'][]; channels: Schemas['ChannelYield'][] }>()
const rows = computed(() => [
  ...props.digests.map((digest) => ({
    path: `mail/${digest.id}`,
    name: digest.name,
    kind: 'Email',
    delivered: digest.delivered,
    opened: digest.opened ?? '–',
    came: digest.came ?? '–',
    why: digest.came === null ? t('clicksEmailNotCounted') : '',
    answered: '',
  })),
  ...props.channels.map((one) => ({
    path: `set-up?channel=${one.id}`,
    name: one.name,
    kind: kinds[one.kind].name,
    delivered: one.delivered,
    opened: '–',
    came: one.came ?? '–',
    why: one.came === null ? t('linksHaveNoSource') : '',
    answered: one.answered ? broughtWords(one.answered) : '',
  })),
])
</script>

<template>
  <div v-if="rows.length" class="scroll">
    <table class="ruled">
      <thead>
        <tr>
          <th>{{ t('channel') }}</th>
          <th class="num">{{ t('delivered') }}</th>
          <th class="num">{{ t('opens') }}</th>
          <th class="num">{{ t('visits') }}</th>
          <th>{{ t('replies') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in rows" :key="one.path">
          <td>
            <router-link class="t" :to="`/s/${props.siteId}/channels/${one.path}`">{{
              one.name
            }}</router-link><br /><small class="soft">{{ one.kind }}</small>
          </td>
          <td class="num">{{ one.delivered }}</td>
          <td class="num" :title="one.opened === '–' ? t('notCounted') : ''">{{ one.opened }}</td>
          <td class="num" :title="one.why">{{ one.came }}</td>
          <td>{{ one.answered }}</td>
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
.scroll th:first-child {
  width: 38%;
}
.scroll th:last-child,
.scroll td:last-child {
  padding-left: 28px;
}
@media (max-width: 860px) {
  .scroll th:last-child,
  .scroll td:last-child {
    padding-left: 14px;
    min-width: 130px;
  }
}
</style>
