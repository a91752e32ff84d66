<script setup lang="ts">
import { ref } from 'vue'
import { places } from './places'
import { t } from './texts'

const props = defineProps<{ siteId: number; waiting: number }>()
const open = ref<'going' | 'coming' | null>(null)
const toggle = (voice: 'going' | 'coming') => (open.value = open.value === voice ? null : voice)
</script>

<template>
  <nav v-if="open" class="low-list" :aria-label="open === 'going' ? t('goingOut') : t('comingBack')">
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
    <button :aria-expanded="open === 'going'" @click="toggle('going')">{{ t('goingOut') }}</button>
    <button class="back" :aria-expanded="open === 'coming'" @click="toggle('coming')">
      {{ t('comingBack') }}<span v-if="props.waiting" class="count">{{ props.waiting }}</span>
    </button>
  </div>
</template>
