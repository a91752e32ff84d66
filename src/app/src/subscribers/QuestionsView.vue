<script setup lang="ts">
import { PageTitle, useSite } from '../shared'
import QuestionsPart from './QuestionsPart.vue'
import ReaderTabs from './ReaderTabs.vue'

const { id, site, mayEdit } = useSite()
</script>

<template>
  <PageTitle title="Questions"><template #state>Messages from contact forms in your posts.</template></PageTitle>
  <ReaderTabs />
  <div class="work"><QuestionsPart :site-id="id" :may-edit="mayEdit" :zone="site?.timeZone" /></div>
</template>
