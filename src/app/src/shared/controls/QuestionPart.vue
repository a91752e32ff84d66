<script setup lang="ts">
const props = defineProps<{ title: string; answer: string }>()
</script>

<template>
  <section class="q">
    <h3>
      {{ props.title }}<span :title="props.answer">{{ props.answer }}</span>
    </h3>
    <slot />
  </section>
</template>

<style scoped>
.q {
  border-bottom: 1px solid var(--rule);
  padding: 13px 0 15px;
}
h3 {
  font-size: 19px;
  display: flex;
  align-items: baseline;
  gap: 10px;
  margin-bottom: 10px;
  white-space: nowrap;
}
h3 span {
  margin-left: auto;
  font: 400 13.5px var(--sans);
  color: var(--soft);
  overflow: hidden;
  text-overflow: ellipsis;
}
.q :deep(.line) {
  display: grid;
  grid-template-columns: 128px 1fr;
  align-items: baseline;
  font-size: 14.5px;
  margin-bottom: 8px;
}
.q :deep(.line > :first-child) {
  color: var(--soft);
}
</style>
