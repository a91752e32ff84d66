<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { mdiAlertOutline, mdiCheck, mdiClose, mdiMinus } from '@mdi/js'
import { ref, watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct } from '../../shared'
import { t } from '../texts'

const open = defineModel<boolean>({ required: true })
const props = defineProps<{ siteId: number; listingId: number; address: string }>()
const address = ref(props.address)
const result = ref<Schemas['InstallationView'] | null>(null)
const { running, trouble, fields, run } = useAct()
const queries = useQueryClient()
const looks: Record<Schemas['PointState'], { icon: string; tone: string; word: string }> = {
  right: { icon: mdiCheck, tone: 'v', word: t('right') },
  better: { icon: mdiAlertOutline, tone: 'o', word: t('canImproved') },
  wrong: { icon: mdiClose, tone: 'm', word: t('wrong') },
  untold: { icon: mdiMinus, tone: 'soft', word: t('unknown') },
}

async function check(): Promise<void> {
  result.value =
    (await run(() =>
      take(
        api.POST('/api/sites/{site}/listings/{listing}/check', {
          params: { path: { site: props.siteId, listing: props.listingId } },
          body: { address: address.value },
        }),
      ),
    )) ?? null
  for (const key of ['listing', 'listings', 'coverage', 'host']) void queries.invalidateQueries({ queryKey: [key] })
}
watch(
  open,
  (now) => {
    if (!now) return
    address.value = props.address
    void check()
  },
  { immediate: true },
)
</script>

<template>
  <v-dialog v-model="open" max-width="620">
    <v-card class="check">
      <h2>{{ t('installationCheck') }}</h2>
      <form class="line" novalidate @submit.prevent="check">
        <v-text-field v-model="address" :label="t('pageAddress')" :error-messages="fields.address" />
        <v-btn type="submit" height="48" :loading="running">{{ t('checkAgain') }}</v-btn>
      </form>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <p v-if="running && !result" class="waiting" role="status">{{ t('fetchingPageVisitorWould') }}</p>
      <template v-if="result">
        <p class="verdict t" role="status" :class="result.isInPlace ? 'v' : 'm'">
          {{ result.isInPlace ? t('installedCorrectly') : t('notWorkingYetSee') }}
        </p>
        <ul>
          <li v-for="point in result.points" :key="point.point" :data-point="point.point" :data-state="point.state">
            <v-icon
              :icon="looks[point.state].icon"
              size="18"
              :class="looks[point.state].tone"
              :aria-label="looks[point.state].word"
            />
            <div>
              <span :class="{ soft: point.state === 'untold' }">{{ point.message }}</span>
              <p v-if="point.fix" class="small soft">{{ point.fix }}</p>
            </div>
          </li>
        </ul>
      </template>
      <div class="row">
        <v-btn variant="outlined" @click="open = false">{{ t('close') }}</v-btn><a
          class="link"
          :href="address"
          target="_blank"
          rel="noopener"
          >{{ t('openPage') }}</a
        >
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.check {
  padding: 24px;
  display: grid;
  gap: 14px;
}
.line {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 12px;
}
.verdict {
  font-size: 20px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--rule);
}
li {
  display: grid;
  grid-template-columns: 26px 1fr;
  padding: 9px 0;
  border-bottom: 1px solid var(--hair);
}
</style>
