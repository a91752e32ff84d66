<script setup lang="ts">
import type { Editor } from '@tiptap/core'
import { ref } from 'vue'
import { t } from '../../texts'

/** Makes the chosen words a link, changes one, or puts a button in. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ editor: Editor; button: boolean }>()
const before = props.button ? '' : String(props.editor.getAttributes('link').href ?? '')
const address = ref(before)
const words = ref('')
const problem = ref('')

function finish(): void {
  const text = address.value.trim()
  const whole = /^[\w.-]+\.[a-z]{2,}(\/|$)/i.test(text) ? `https://${text}` : text
  if (whole && !/^(https?:\/\/\S+|mailto:\S+|#\S+)$/i.test(whole))
    return void (problem.value = t('enterFullAddressStartingHttps'))
  const chain = props.editor.chain().focus()
  if (props.button) {
    if (!whole || !words.value.trim()) return void (problem.value = t('enterButtonTextAddress'))
    chain.insertContent({ type: 'linkButton', attrs: { href: whole, text: words.value.trim() } }).run()
  } else if (!whole) chain.extendMarkRange('link').unsetLink().run()
  else if (props.editor.state.selection.empty && !before)
    chain
      .insertContent({ type: 'text', text: words.value || whole, marks: [{ type: 'link', attrs: { href: whole } }] })
      .run()
  else chain.extendMarkRange('link').setLink({ href: whole }).run()
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="460">
    <v-card class="pa-6">
      <form @submit.prevent="finish">
        <h2>{{ props.button ? t('button2') : before ? t('editLink') : t('link') }}</h2>
        <v-text-field
          v-if="props.button || (props.editor.state.selection.empty && !before)"
          v-model="words"
          class="mt-3"
          :label="t('buttonText')"
          :autofocus="props.button"
        />
        <v-text-field
          v-model="address"
          class="mt-3"
          :label="t('address')"
          :autofocus="!props.button"
          :error-messages="problem"
          :hint="before ? t('leaveEmptyRemoveLink') : ''"
          persistent-hint
        />
        <div class="row mt-4">
          <v-btn type="submit">{{ t('apply') }}</v-btn><v-btn variant="text" @click="open = false">{{
            t('cancel')
          }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
