<script setup lang="ts">
import { api, type Schemas, take } from '../api'
import { useAct, useNotice, WhenText } from '../shared'
import { useNotices } from './useNotices'
import { t } from './texts'

const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const { data, reload } = useNotices(() => props.siteId)
const act = useAct()
const { say } = useNotice()

async function put(notice: Schemas['NoticeView'], way: 'done' | 'undone'): Promise<void> {
  const path = way === 'done' ? '/api/sites/{site}/notices/{notice}/done' : '/api/sites/{site}/notices/{notice}/undone'
  await act.run(() => take(api.POST(path, { params: { path: { site: props.siteId, notice: notice.id } } })))
  await reload()
}

async function away(notice: Schemas['NoticeView']): Promise<void> {
  await put(notice, 'done')
  say(t('dismissed'), () => put(notice, 'undone'))
}
</script>

<template>
  <section v-if="data?.length" class="notices" :aria-label="t('notices')">
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <article v-for="notice in data" :key="notice.id" :class="notice.isTrouble ? 'm' : 'v'">
      <svg viewBox="0 0 14 14" width="14" height="14" aria-hidden="true">
        <path v-if="notice.isTrouble" d="M2 2l10 10M12 2L2 12" />
        <path v-else d="M1.5 7.5l4 4 7-9" />
      </svg>
      <div>
        <b>{{ notice.title }}</b> <span class="soft small"><WhenText :at="notice.at" /></span>
        <p v-for="line in notice.text.split('\n').filter(Boolean)" :key="line" class="small line">{{ line }}</p>
      </div>
      <div class="acts small">
        <router-link class="link" :to="notice.path">{{ t('view') }}</router-link><button
          v-if="props.mayEdit"
          type="button"
          class="link"
          @click="away(notice)"
        >
          {{ t('dismiss') }}
        </button>
      </div>
    </article>
  </section>
</template>

<style scoped>
.notices {
  margin-bottom: 14px;
}
article {
  display: grid;
  grid-template-columns: 16px 1fr auto;
  gap: 10px;
  padding: 9px 12px;
  border-left: 3px solid currentColor;
  background: var(--sheet);
  margin-bottom: 6px;
}
article div {
  color: var(--ink);
}
svg {
  margin-top: 5px;
}
path {
  fill: none;
  stroke: currentColor;
  stroke-width: 2.4;
}
.line {
  overflow-wrap: anywhere;
}
.acts {
  display: flex;
  gap: 14px;
  align-items: baseline;
}
@media (max-width: 600px) {
  article {
    grid-template-columns: 16px 1fr;
  }
  .acts {
    grid-column: 2;
  }
}
</style>
