<script setup lang="ts">
import { watch } from 'vue'
import { useRouter } from 'vue-router'
import { lineOf } from '../api'
import { useSites } from '../shared'

const router = useRouter()
const { data, error } = useSites()
watch(data, (sites) => sites && void router.replace(sites[0] ? `/s/${sites[0].id}` : '/sites/new'), { immediate: true })
</script>

<template>
  <p v-if="error" class="work trouble" role="alert">{{ lineOf(error) }}</p>
</template>
