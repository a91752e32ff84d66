<script setup lang="ts">
import { ref } from 'vue'
import { places } from './places'

const props = defineProps<{ siteId: number; waiting: number }>()
const open = ref<'going' | 'coming' | null>(null)
const toggle = (voice: 'going' | 'coming') => (open.value = open.value === voice ? null : voice)
</script>

<template>
  <nav v-if="open" class="low-list" :aria-label="open === 'going' ? 'Going out' : 'Coming back'">
    <router-link
      v-for="place in places[open]"
      :key="place.path"
      :to="`/s/${props.siteId}/${place.path}`"
      @click="open = null"
    >
      {{ place.name }}<span v-if="place.path === 'comments' && props.waiting" class="count">{{ props.waiting }}</span>
    </router-link>
  </nav>
  <div class="low">
    <button :aria-expanded="open === 'going'" @click="toggle('going')">Going out</button>
    <button class="back" :aria-expanded="open === 'coming'" @click="toggle('coming')">
      Coming back<span v-if="props.waiting" class="count">{{ props.waiting }}</span>
    </button>
  </div>
</template>
