<script setup lang="ts">
import { mdiFormatColorText } from '@mdi/js'
import type { Editor } from '@tiptap/core'
import { computed } from 'vue'
import { inks, washes } from '../blocks/classed'
import { t } from '../../texts'

/** Colours of words and behind words. Only pairs that stay readable are offered together; the others say why not. */
const props = defineProps<{ editor: Editor }>()
const names: Record<string, string> = { verdigris: t('green'), madder: t('red'), ochre: t('amber'), soft: t('grey') }
const ink = computed(() => String(props.editor.getAttributes('ink').colour ?? ''))
const wash = computed(() => String(props.editor.getAttributes('wash').colour ?? ''))
const faint = computed(() => ink.value === 'soft' && wash.value !== '')
const set = (mark: string, colour: string, now: string) => {
  const chain = props.editor.chain().focus()
  if (colour === now) chain.unsetMark(mark).run()
  else chain.setMark(mark, { colour }).run()
}
</script>

<template>
  <v-menu :close-on-content-click="false">
    <template #activator="{ props: opener }">
      <button
        type="button"
        class="tool"
        :class="{ on: ink || wash }"
        :title="t('colours')"
        :aria-label="t('colours')"
        v-bind="opener"
      >
        <v-icon :icon="mdiFormatColorText" size="19" />
      </button>
    </template>
    <div class="colours">
      <p class="small soft">{{ t('textColour') }}</p>
      <div class="chips">
        <button
          v-for="one in inks"
          :key="one"
          type="button"
          class="chip"
          :class="[`ink-${one}`, { on: ink === one }]"
          @click="set('ink', one, ink)"
        >
          {{ names[one] }}
        </button>
      </div>
      <p class="small soft">{{ t('highlight') }}</p>
      <div class="chips">
        <button
          v-for="one in washes"
          :key="one"
          type="button"
          class="chip"
          :class="[`wash-${one}`, { on: wash === one }]"
          @click="set('wash', one, wash)"
        >
          {{ names[one] }}
        </button>
      </div>
      <p v-if="faint" class="o small" role="status">{{ t('greyHighlightHardRead') }}</p>
    </div>
  </v-menu>
</template>

<style scoped>
.colours {
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 6px;
  padding: 10px 14px 14px;
  max-width: 300px;
}
p {
  margin: 6px 0 4px;
}
</style>
