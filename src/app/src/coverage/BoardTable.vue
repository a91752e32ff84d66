<script setup lang="ts">
import { useElementBounding, useWindowScroll, useWindowSize } from '@vueuse/core'
import { computed } from 'vue'
import type { Schemas } from '../api'
import { kinds, relativeDate } from '../shared'
import BoardCell from './BoardCell.vue'
import { useBoardKeys } from './useBoardKeys'
import { rowHeight, type BoardLine } from './useBoardWindow'
import { t } from './texts'

/** The rows in sight of a board that may be ten thousand rows long; room above and below stands for the rest. */
const props = defineProps<{ places: Schemas['PlaceView'][]; lines: BoardLine[]; total: number; picked: string }>()
const scroller = defineModel<HTMLElement | null>('scroller')
const emit = defineEmits<{ pick: [cell: string] }>()
const groups = computed(() =>
  kinds
    .map((kind) => ({ ...kind, count: props.places.filter((place) => place.kind === kind.kind).length }))
    .filter((group) => group.count > 0),
)
const starts = computed(
  () => new Set(groups.value.map((group) => props.places.findIndex((place) => place.kind === group.kind))),
)
const byline = (row: Schemas['CoverageRow']) =>
  [
    row.publishedAt ? relativeDate(row.publishedAt) : '',
    row.writtenHere ? row.author : t('fromBlognameFollowed', { blogName: row.blogName }),
    row.writtenHere ? (row.category ?? row.blogName) : '',
  ]
    .filter(Boolean)
    .join(' · ')

// The board ends where the window ends, so that its head stays in sight; what stands above it on the page may be long.
const { top } = useElementBounding(scroller)
const { y } = useWindowScroll()
const { height, width } = useWindowSize()
const room = computed(() => Math.max(360, height.value - (top.value + y.value) - (width.value > 860 ? 16 : 72)))
const above = computed(() => (props.lines[0]?.number ?? 0) * rowHeight)
const below = computed(() => (props.total - ((props.lines.at(-1)?.number ?? -1) + 1)) * rowHeight)

const move = useBoardKeys(scroller, () => props.total)
</script>

<template>
  <div :ref="(element) => (scroller = element as HTMLElement)" class="scroll" :style="{ maxHeight: `${room}px` }">
    <table
      :style="{ minWidth: `${220 + props.places.length * 70}px` }"
      :aria-rowcount="props.total + 2"
      @keydown="move"
    >
      <colgroup>
        <col class="post" />
        <col v-for="place in props.places" :key="place.key" />
      </colgroup>
      <thead>
        <tr class="g">
          <th class="none" />
          <th v-for="group in groups" :key="group.kind" :colspan="group.count" :class="{ back: group.back }">
            {{ group.name }}
          </th>
        </tr>
        <tr>
          <th>
            <span class="sr">{{ t('post') }}</span>
          </th>
          <th v-for="place in props.places" :key="place.key" :title="`${place.name} ${place.where ?? ''}`" scope="col">
            <b>{{ place.name }}</b><small>{{ place.where ?? ' ' }}</small>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="above" class="room" aria-hidden="true">
          <td :colspan="props.places.length + 1" :style="{ height: `${above}px` }" />
        </tr>
        <tr v-for="{ number, row } in props.lines" :key="number" :data-row="number" :aria-rowindex="number + 3">
          <template v-if="row">
            <th scope="row">
              <router-link class="t" :to="`/s/${$route.params.site}/posts/${row.postId}`" :title="row.title">{{
                row.title
              }}</router-link><small>{{ byline(row) }}</small>
            </th>
            <BoardCell
              v-for="(cell, index) in row.cells"
              :key="props.places[index]!.key"
              :cell="cell"
              :place="props.places[index]!"
              :title="row.title"
              :first="starts.has(index)"
              :picked="props.picked === `${row.postId}.${props.places[index]!.key}`"
              @pick="emit('pick', `${row.postId}.${props.places[index]!.key}`)"
            />
          </template>
          <template v-else>
            <th scope="row" class="soft"><span class="bone" /></th>
            <td v-for="place in props.places" :key="place.key" class="later" />
          </template>
        </tr>
        <tr v-if="below > 0" class="room" aria-hidden="true">
          <td :colspan="props.places.length + 1" :style="{ height: `${below}px` }" />
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow: auto;
  scroll-padding: 84px 0 0 312px;
}
thead {
  position: sticky;
  top: 0;
  z-index: 3;
}
thead th {
  background: var(--paper);
}
thead tr:last-child th {
  border-bottom: 1px solid var(--rule);
}
thead th:first-child {
  position: sticky;
  left: 0;
}
tbody th {
  position: sticky;
  left: 0;
  z-index: 1;
  background: var(--paper);
}
table {
  border-collapse: separate;
  border-spacing: 0;
  width: 100%;
  table-layout: fixed;
}
col.post {
  width: 312px;
}
thead th {
  font-weight: 500;
  text-align: center;
  font-size: 12.5px;
  line-height: 1.25;
  color: var(--soft);
  vertical-align: bottom;
  padding: 0 1px 8px;
  overflow-wrap: break-word;
}
thead th b {
  display: -webkit-box;
  -webkit-line-clamp: 3;
  -webkit-box-orient: vertical;
  color: var(--ink);
  font-weight: 600;
  font-size: 12px;
  overflow: hidden;
}
thead small {
  display: block;
  font-size: 12.5px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
tr.g th {
  padding: 0 0 4px 3px;
  overflow-wrap: anywhere;
  font: italic 13.5px/1.15 var(--title);
  color: var(--verdigris);
  text-align: left;
  border-bottom: 1px solid var(--verdigris);
}
tr.g th.back {
  color: var(--madder);
  border-color: var(--madder);
}
tr.g th.none {
  border: 0;
}
tbody th {
  text-align: left;
  font-weight: 400;
  padding: 3px 14px 3px 0;
  border-top: 1px solid var(--hair);
  height: 48px;
}
tbody th .t {
  font-size: 17px;
  line-height: 1.2;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  display: block;
}
tbody th .t:hover {
  text-decoration: underline;
}
tbody small {
  color: var(--soft);
  font-size: 12.5px;
  display: block;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.sr {
  position: absolute;
  left: -9999px;
}
@media (max-width: 860px) {
  col.post {
    width: 190px;
  }
  .scroll {
    scroll-padding-left: 190px;
  }
  /* Two lines of a title and its byline would not fit the height all rows share. */
  tbody th small {
    display: none;
  }
  tbody th .t {
    font-size: 15.5px;
    white-space: normal;
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
  }
}
.room td {
  padding: 0;
  border: 0;
}
td.later {
  border-top: 1px solid var(--hair);
  background: linear-gradient(var(--hair) 0 0) center/100% 1px no-repeat;
}
.bone {
  display: block;
  width: 62%;
  height: 12px;
  border-radius: 6px;
  background: var(--hair);
}
</style>
