<script setup lang="ts">
const props = defineProps<{ title: string; sentence?: string }>()
</script>

<template>
  <main class="alone">
    <div class="mark"><i /><span>Antiphon</span></div>
    <h1>{{ props.title }}</h1>
    <p v-if="props.sentence" class="soft">{{ props.sentence }}</p>
    <div class="double" />
    <slot />
  </main>
</template>

<style scoped>
.alone {
  max-width: 27rem;
  margin: 0 auto;
  padding: 9vh 20px 40px;
}
.mark {
  padding-bottom: 34px;
  font-size: 27px;
}
.mark span {
  display: inline;
}
h1 {
  font-size: 31px;
  line-height: 1.15;
  margin-bottom: 6px;
}
.double {
  margin: 16px 0 22px;
}
</style>
