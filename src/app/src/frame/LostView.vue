<script setup lang="ts">
import { t } from './texts'
</script>

<template>
  <div class="work empty">
    <h2>{{ t('pageNotFound') }}</h2>
    <p>{{ t('linkMayOutDate') }}</p>
    <v-btn to="/">{{ t('goCoverage') }}</v-btn>
  </div>
</template>
