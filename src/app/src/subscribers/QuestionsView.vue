<script setup lang="ts">
import { PageTitle, useSite } from '../shared'
import QuestionsPart from './QuestionsPart.vue'
import ReaderTabs from './ReaderTabs.vue'
import { t } from './texts'

const { id, site, mayEdit } = useSite()
</script>

<template>
  <PageTitle :title="t('questions')"
    ><template #state>{{ t('messagesFromContactForms') }}</template></PageTitle
  >
  <ReaderTabs />
  <div class="work"><QuestionsPart :site-id="id" :may-edit="mayEdit" :zone="site?.timeZone" /></div>
</template>
