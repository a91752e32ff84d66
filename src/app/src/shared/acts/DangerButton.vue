<script setup lang="ts">
import { mdiAlertOutline } from '@mdi/js'
</script>

<template>
  <!-- What cannot be taken back, or touches a lot, is told by a sign and a word before its colour. -->
  <v-btn color="error" :prepend-icon="mdiAlertOutline"><slot /></v-btn>
</template>
