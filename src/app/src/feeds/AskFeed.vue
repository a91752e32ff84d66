<script setup lang="ts">
import { ref } from 'vue'
import { t } from './texts'

const props = defineProps<{ address: string; busy: boolean; fields: Record<string, string[]>; trouble: string }>()
const emit = defineEmits<{ address: [address: string]; text: [text: string] }>()
const address = ref(props.address)
const text = ref('')

async function open(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  text.value = await file.text()
  emit('text', text.value)
}
</script>

<template>
  <div class="work ask">
    <form novalidate @submit.prevent="emit('address', address.trim())">
      <h2 class="group">{{ t('feedAddress') }}</h2>
      <div class="row line">
        <v-text-field
          v-model="address"
          :label="t('feedAddress')"
          name="url"
          autofocus
          :error-messages="props.fields.url"
        />
        <v-btn type="submit" height="48" :loading="props.busy" :disabled="!address.trim()">{{ t('checkFeed') }}</v-btn>
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
        <v-btn type="submit" :loading="props.busy">{{ t('checkSource') }}</v-btn><label class="link"
          >{{ t('uploadFile')
          }}<input type="file" class="file" accept=".xml,.rss,.atom,.json,.rdf,text/*,application/*" @change="open"
        /></label>
      </div>
    </form>
    <p v-if="props.trouble" class="trouble" role="alert">{{ props.trouble }}</p>
    <p v-if="props.busy" class="waiting" role="status">{{ t('checking') }}</p>
  </div>
</template>

<style scoped>
.ask {
  max-width: 54rem;
  display: grid;
  gap: 18px;
  align-content: start;
}
.line {
  flex-wrap: nowrap;
  align-items: flex-start;
  padding-top: 14px;
}
.line > :first-child {
  flex: 1;
}
.mono {
  padding-top: 14px;
  font-family: var(--mono);
}
.file {
  position: absolute;
  left: -9999px;
}
label:focus-within {
  outline: 2px solid var(--verdigris);
  outline-offset: 2px;
}
</style>
