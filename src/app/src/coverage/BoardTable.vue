<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import { relativeDate } from '../shared/dates'
import BoardCell from './BoardCell.vue'
import { kinds } from './marks'

const props = defineProps<{ places: Schemas['PlaceView'][]; rows: Schemas['CoverageRow'][]; picked: string }>()
const emit = defineEmits<{ pick: [cell: string] }>()
const groups = computed(() =>
  kinds.map((kind) => ({ ...kind, count: props.places.filter((place) => place.kind === kind.kind).length })).filter((group) => group.count > 0),
)
const starts = computed(() => new Set(groups.value.map((group) => props.places.findIndex((place) => place.kind === group.kind))))
const byline = (row: Schemas['CoverageRow']) =>
  [
    row.publishedAt ? relativeDate(row.publishedAt) : '',
    row.writtenHere ? row.author : `followed from ${row.blogName}`,
    row.writtenHere ? (row.category ?? row.blogName) : '',
  ]
    .filter(Boolean)
    .join(' · ')

// Arrow keys move between marks as in a table, so that one need not tab through hundreds of them.
function move(event: KeyboardEvent): void {
  const steps: Record<string, [number, number]> = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }
  const step = steps[event.key]
  const from = (event.target as HTMLElement).closest('td')
  if (!step || !from) return
  event.preventDefault()
  const row = from.parentElement as HTMLTableRowElement
  const table = row.parentElement as HTMLTableSectionElement
  const next = table.rows[row.rowIndex - 2 + step[0]]?.cells[from.cellIndex + step[1]]
  next?.querySelector<HTMLElement>('button, a')?.focus()
}
</script>

<template>
  <div class="scroll">
    <table :style="{ minWidth: `${220 + props.places.length * 62}px` }" @keydown="move">
      <colgroup>
        <col class="post" />
        <col v-for="place in props.places" :key="place.key" />
      </colgroup>
      <thead>
        <tr class="g">
          <th class="none" />
          <th v-for="group in groups" :key="group.kind" :colspan="group.count" :class="{ back: group.back }">{{ group.name }}</th>
        </tr>
        <tr>
          <th><span class="sr">Post</span></th>
          <th v-for="place in props.places" :key="place.key" :title="`${place.name} ${place.where ?? ''}`" scope="col">
            <b>{{ place.name }}</b><small>{{ place.where ?? ' ' }}</small>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in props.rows" :key="row.postId">
          <th scope="row">
            <router-link class="t" :to="`/s/${$route.params.site}/posts/${row.postId}`" :title="row.title">{{ row.title }}</router-link><small>{{
              byline(row)
            }}</small>
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
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
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
  padding: 0 3px 8px;
  overflow-wrap: break-word;
}
thead th b {
  display: -webkit-box;
  -webkit-line-clamp: 3;
  -webkit-box-orient: vertical;
  color: var(--ink);
  font-weight: 600;
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
  padding: 0 6px 4px;
  font: italic 15px var(--title);
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
  height: 47px;
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
  tbody th {
    position: sticky;
    left: 0;
    background: var(--paper);
    z-index: 1;
  }
  tbody th .t {
    font-size: 15.5px;
    white-space: normal;
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
  }
}
</style>
