<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api'
import { NoteMark, WhenText } from '../shared'
import { acts, broughtWords, markOf, states } from '../channels'
import { t } from './texts'
import { inSentence } from '../texts'

/** The same as the time line, as a list: what is to come first, then what went out, the latest first. */
const props = defineProps<{
  items: Schemas['TimeLineItem'][]
  channels: Schemas['ChannelView'][]
  picked: string
  zone: string | undefined
}>()
const emit = defineEmits<{ pick: [id: number] }>()
const most = 60
const isOpen = (one: Schemas['TimeLineItem']) =>
  one.state === 'queued' || one.state === 'sending' || one.state === 'retrying'
const parts = computed(() => [
  { title: t('scheduled'), items: props.items.filter(isOpen).toReversed().slice(0, most) },
  { title: t('sent'), items: props.items.filter((item) => !isOpen(item)).slice(0, most) },
])
const nameOf = (id: number) => props.channels.find((channel) => channel.id === id)?.name ?? ''
</script>

<template>
  <div class="list">
    <template v-for="part in parts" :key="part.title">
      <h2 v-if="part.items.length" class="group">{{ part.title }}</h2>
      <button
        v-for="one in part.items"
        :key="one.id"
        class="item"
        :class="{ on: props.picked === String(one.id) }"
        @click="emit('pick', one.id)"
      >
        <NoteMark :mark="markOf[one.state]" />
        <span class="what"
          ><template v-if="one.act === 'update' || one.act === 'withdraw'">{{ acts[one.act] }}: </template>{{ one.title
          }}<template v-if="one.target"> → {{ one.target }}</template></span
        >
        <span class="small soft">{{ nameOf(one.channelId) }}</span>
        <span class="small soft">{{
          one.held ? (one.held === 'approval' ? t('waitsApproval') : t('held2')) : inSentence(states[one.state].name)
        }}</span>
        <span class="small brought">{{ one.counts ? broughtWords(one.counts) : '' }}</span>
        <span class="small soft when"><WhenText :at="one.at" :zone="props.zone" /></span>
      </button>
    </template>
  </div>
</template>

<style scoped>
.list {
  container-type: inline-size;
  padding: 6px 24px 40px;
}
.item {
  width: 100%;
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) 150px 130px minmax(0, 210px) 110px;
  gap: 10px;
  align-items: baseline;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--hair);
  padding: 7px 0;
  cursor: pointer;
}
.what {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.brought {
  color: var(--madder);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.item.on .what {
  font-weight: 600;
}
.when {
  text-align: right;
}
@container (max-width: 800px) {
  .item {
    grid-template-columns: 22px minmax(0, 1fr) 140px 110px 96px;
  }
  .brought {
    grid-column: 2/5;
    grid-row: 2;
  }
  .brought:empty {
    display: none;
  }
}
@media (max-width: 860px) {
  .list {
    padding: 6px 16px 90px;
  }
  .item {
    grid-template-columns: 22px minmax(0, 1fr) auto;
    gap: 2px 8px;
  }
  .what {
    grid-column: 2/4;
  }
  .item .small:nth-of-type(2) {
    grid-column: 2;
  }
  .item .small:nth-of-type(3) {
    display: none;
  }
  .brought {
    grid-column: 2/4;
    grid-row: 3;
  }
  .brought:empty {
    display: none;
  }
}
</style>
