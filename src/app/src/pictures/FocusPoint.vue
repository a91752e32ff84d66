<script setup lang="ts">
import { computed } from 'vue'
import { t } from './texts'

/** The point of a picture that every crop keeps. */
const x = defineModel<number>('x', { required: true })
const y = defineModel<number>('y', { required: true })
const props = defineProps<{ picture: string; readonly: boolean }>()
const position = computed(() => `${x.value}% ${y.value}%`)
const steps: Record<string, [number, number]> = {
  ArrowLeft: [-5, 0],
  ArrowRight: [5, 0],
  ArrowUp: [0, -5],
  ArrowDown: [0, 5],
}

function set(left: number, top: number): void {
  if (props.readonly) return
  x.value = Math.round(Math.min(100, Math.max(0, left)))
  y.value = Math.round(Math.min(100, Math.max(0, top)))
}

function point(event: MouseEvent): void {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  set(((event.clientX - box.left) / box.width) * 100, ((event.clientY - box.top) / box.height) * 100)
}

function key(event: KeyboardEvent): void {
  const step = steps[event.key]
  if (!step) return
  event.preventDefault()
  set(x.value + step[0], y.value + step[1])
}
</script>

<template>
  <div class="focus">
    <button
      type="button"
      class="whole"
      :disabled="props.readonly"
      :aria-label="t('focalPointXFrom', { x, y })"
      @click="point"
      @keydown="key"
    >
      <img :src="props.picture" alt="" draggable="false" /><i :style="{ left: `${x}%`, top: `${y}%` }" />
    </button>
    <div class="crops" aria-hidden="true">
      <img :src="props.picture" alt="" class="wide" :style="{ objectPosition: position }" /><img
        :src="props.picture"
        alt=""
        class="square"
        :style="{ objectPosition: position }"
      /><img :src="props.picture" alt="" class="tall" :style="{ objectPosition: position }" />
    </div>
    <p class="small soft">{{ t('clickPartShouldAlways') }}</p>
  </div>
</template>

<style scoped>
.focus {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
}
.whole {
  position: relative;
  padding: 0;
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: none;
  cursor: crosshair;
  overflow: hidden;
  align-self: start;
}
.whole img {
  display: block;
  width: 100%;
}
i {
  position: absolute;
  width: 18px;
  height: 18px;
  margin: -9px;
  border: 2px solid #fff;
  border-radius: 50%;
  box-shadow: 0 0 0 2px #1f6f6b;
}
.crops {
  display: grid;
  gap: 5px;
  justify-items: end;
}
.crops img {
  object-fit: cover;
  border-radius: 3px;
}
.wide {
  width: 80px;
  height: 45px;
}
.square {
  width: 45px;
  height: 45px;
}
.tall {
  width: 34px;
  height: 45px;
}
p {
  grid-column: 1 / -1;
  margin: 0;
}
</style>
