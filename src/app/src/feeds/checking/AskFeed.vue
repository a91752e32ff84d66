<script setup lang="ts">
import { ref } from 'vue'
import { FilePick } from '../../shared'
import AskSeveral from '../runs/AskSeveral.vue'
import { t } from '../texts'

const props = defineProps<{ address: string; busy: boolean; fields: Record<string, string[]>; trouble: string }>()
const emit = defineEmits<{ address: [address: string]; text: [text: string]; file: [file: File] }>()
const address = ref(props.address)
const text = ref('')
</script>

<template>
  <div class="work ask">
    <div class="one">
      <form novalidate @submit.prevent="emit('address', address.trim())">
        <h2 class="group">{{ t('feedAddress') }}</h2>
        <p class="soft small lead">{{ t('feedAddressLead') }}</p>
        <div class="row line">
          <v-text-field
            v-model="address"
            :label="t('feedAddress')"
            name="url"
            autofocus
            :error-messages="props.fields.url"
          />
          <v-btn type="submit" height="48" :loading="props.busy" :disabled="!address.trim()">{{
            t('checkFeed')
          }}</v-btn>
        </div>
      </form>
      <form novalidate @submit.prevent="emit('text', text)">
        <h2 class="group">{{ t('pasteUpload') }}</h2>
        <v-textarea
          v-model="text"
          class="mono"
          :label="t('feedSource')"
          rows="6"
          max-rows="14"
          :error-messages="props.fields.text"
        />
        <div class="row mt-3">
          <v-btn type="submit" variant="outlined" :loading="props.busy">{{
            t('checkSource')
          }}</v-btn><!-- As it is, not as text: how a feed is encoded is part of what is checked. -->
          <FilePick accept=".xml,.rss,.atom,.json,.rdf,text/*,application/*" @files="emit('file', $event[0]!)">{{
            t('uploadFile')
          }}</FilePick>
        </div>
      </form>
      <p v-if="props.trouble" class="trouble" role="alert">{{ props.trouble }}</p>
      <p v-if="props.busy" class="waiting" role="status">{{ t('checking') }}</p>
    </div>
    <AskSeveral class="many" />
  </div>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 18px 48px;
  align-items: start;
}
.one {
  display: grid;
  gap: 18px;
}
@media (max-width: 1000px) {
  .ask {
    grid-template-columns: minmax(0, 1fr);
  }
}
.lead {
  padding-top: 8px;
}
.line {
  flex-wrap: nowrap;
  align-items: flex-start;
  padding-top: 14px;
}
.line > :first-child {
  flex: 1;
}
.mono :deep(textarea) {
  font-family: var(--mono);
}
.mono {
  padding-top: 14px;
}
</style>
