<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { TermHelp, WhenText } from '../../shared'
import { outcomes } from './visits'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

const props = defineProps<{ feed: Schemas['FollowedFeedView']; zone?: string }>()
const latest = computed(() => [...props.feed.visits].reverse().slice(0, 12))
const hubWords: Record<Schemas['HubState'], string> = {
  none: t('notSubscribedYet'),
  asked: t('awaitingConfirmation'),
  subscribed: t('sendsUpdatesInstantly'),
  refused: t('declinedPollingInstead'),
}
</script>

<template>
  <div class="detail">
    <div>
      <h4>{{ t('when') }}</h4>
      <p class="small">
        {{
          props.feed.pauseReason.startsWith('usual')
            ? t('visitsComePausereason', { pauseReason: props.feed.pauseReason })
            : t('visitsComeTheyDo', { pauseReason: props.feed.pauseReason })
        }}
      </p>
      <template v-if="props.feed.hub"
        ><h4>{{ t('hub') }}<TermHelp term="hub" /></h4>
        <p class="small">
          <span class="address">{{ props.feed.hub.hub }}</span> {{ hubWords[props.feed.hub.state]
          }}<RichText v-if="props.feed.hub.state === 'subscribed'" :of="rich('askedAgainBefore')"
            ><template #when><WhenText :at="props.feed.hub.leaseUntil" :zone="props.zone" /></template></RichText
          >.
        </p></template
      >
      <template v-if="props.feed.moves.length"
        ><h4>{{ t('previousAddresses') }}</h4>
        <ul class="small">
          <li v-for="move in props.feed.moves" :key="move.at">
            <RichText :of="rich('addressUntil', { from: move.from })"
              ><template #address="{ text }"
                ><span class="address">{{ text }}</span></template
              ><template #when><WhenText :at="move.at" :zone="props.zone" /></template
            ></RichText>
          </li></ul
      ></template>
    </div>
    <table class="ruled">
      <caption class="small soft">
        {{
          t('fetchHistory')
        }}
      </caption>
      <tbody>
        <tr v-for="visit in latest" :key="visit.at">
          <td class="soft"><WhenText :at="visit.at" :zone="props.zone" /></td>
          <td :class="outcomes[visit.outcome].tone">
            {{ outcomes[visit.outcome].name
            }}<span v-if="visit.newEntries || visit.changedEntries">{{
              t('newentriesNewChangedentriesChanged', {
                newEntries: visit.newEntries,
                changedEntries: visit.changedEntries,
              })
            }}</span>
            <p v-if="visit.problem" class="soft">{{ visit.problem }}</p>
          </td>
          <td class="num soft">{{ visit.status ?? '–' }}</td>
          <td class="num soft">{{ t('millisecondsMs', { milliseconds: visit.milliseconds }) }}</td>
          <td class="num soft">
            {{ visit.bytes ? t('roundKb', { count: Math.round(visit.bytes / 100) / 10 }) : '–' }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.detail {
  grid-column: 1/-1;
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  gap: 12px 32px;
  padding: 12px 18px;
  margin-top: 8px;
  background: var(--sheet);
  border-left: 3px solid var(--verdigris);
}
h4 {
  font: italic 15px var(--title);
  margin-top: 6px;
}
caption {
  text-align: left;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.ruled td {
  padding: 5px 12px 5px 0;
  font-size: 13px;
}
@media (max-width: 860px) {
  .detail {
    grid-template-columns: 1fr;
    padding: 10px 12px;
  }
}
</style>
