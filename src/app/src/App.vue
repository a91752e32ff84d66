<script setup lang="ts">
import { useRoute } from 'vue-router'
import { FrameView } from './frame'
import { NoticeBar } from './shared'
import { useTheme } from './styles/useTheme'

useTheme()
const route = useRoute()
</script>

<template>
  <v-app>
    <FrameView v-if="route.meta.framed" />
    <router-view v-else />
    <NoticeBar />
  </v-app>
</template>
