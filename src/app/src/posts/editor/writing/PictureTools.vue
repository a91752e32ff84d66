<script setup lang="ts">
import type { Editor } from '@tiptap/core'
import { computed, ref } from 'vue'
import { CutForUse, describePicture, isOfLibrary } from '../../../pictures'
import { OneOf, useNotice, useRefresh } from '../../../shared'
import { t } from '../../texts'

/** What can be said about the picture the cursor is in, and about tables. */
const props = defineProps<{ siteId: number; editor: Editor }>()
const cutting = ref(false)
const picture = computed(() =>
  props.editor.isActive('pictureBlock') ? props.editor.getAttributes('pictureBlock') : null,
)
const table = computed(() => props.editor.isActive('table'))
const code = computed(() => (props.editor.isActive('codeBlock') ? props.editor.getAttributes('codeBlock') : null))
const sizes = [
  ['', t('normal')],
  ['wide', t('wide')],
  ['small', t('small')],
  ['left', t('left')],
  ['right', t('right')],
] as const
const set = (attributes: object) => props.editor.chain().updateAttributes('pictureBlock', attributes).run()
const { say } = useNotice()
const reload = useRefresh('pictures')

/** What a picture shows is true wherever it is used, so the library learns it. */
async function describe(alt: string): Promise<void> {
  if (!isOfLibrary(picture.value?.src) || !(await describePicture(props.siteId, picture.value!.src, alt))) return
  say(t('libraryHasDescription'))
  await reload()
}
const act = (
  name: 'addRowAfter' | 'addColumnAfter' | 'deleteRow' | 'deleteColumn' | 'toggleHeaderRow' | 'deleteTable',
) => props.editor.chain().focus()[name]().run()
</script>

<template>
  <div v-if="picture || table || code" class="about">
    <template v-if="picture">
      <label class="alt"
        >{{ t('descriptionAltText') }}
        <input
          :value="picture.alt"
          maxlength="500"
          @input="set({ alt: ($event.target as HTMLInputElement).value })"
          @change="describe(($event.target as HTMLInputElement).value)"
      /></label>
      <OneOf
        wide
        :model-value="picture.size ?? ''"
        :label="t('size')"
        :choices="sizes"
        @update:model-value="set({ size: $event || null })"
      />
      <button v-if="isOfLibrary(picture.src)" type="button" class="chip" @click="cutting = true">
        {{ t('crop') }}
      </button>
      <button type="button" class="link quiet" @click="props.editor.chain().focus().deleteNode('pictureBlock').run()">
        {{ t('remove') }}
      </button>
      <CutForUse
        v-if="cutting"
        :site-id="props.siteId"
        :address="picture.src"
        :use="t('inThisText')"
        @cut="(made) => set({ src: made.address, width: made.width, height: made.height })"
        @close="cutting = false"
      />
    </template>
    <template v-else-if="table">
      <button type="button" class="chip" @click="act('addRowAfter')">{{ t('rowBelow') }}</button><button
        type="button"
        class="chip"
        @click="act('addColumnAfter')"
      >
        {{ t('columnAfter') }}
      </button>
      <button type="button" class="chip" @click="act('deleteRow')">{{ t('removeRow') }}</button><button
        type="button"
        class="chip"
        @click="act('deleteColumn')"
      >
        {{ t('removeColumn') }}
      </button>
      <button type="button" class="chip" @click="act('toggleHeaderRow')">{{ t('headingRow') }}</button><button
        type="button"
        class="link quiet"
        @click="act('deleteTable')"
      >
        {{ t('removeTable') }}
      </button>
    </template>
    <label v-else-if="code" class="alt"
      >{{ t('languageCode') }}
      <input
        :value="code.language ?? ''"
        maxlength="20"
        :placeholder="t('none')"
        @input="
          props.editor.commands.updateAttributes('codeBlock', {
            language: ($event.target as HTMLInputElement).value || null,
          })
        "
    /></label>
  </div>
</template>

<style scoped>
.about {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  padding: 6px 0;
  font-size: 13.5px;
}
.alt {
  display: flex;
  gap: 8px;
  align-items: center;
  flex: 1;
  min-width: 260px;
  color: var(--soft);
}
input {
  flex: 1;
  min-width: 0;
  border: 1px solid color-mix(in srgb, var(--ink) 48%, var(--paper));
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  padding: 4px 8px;
}
</style>
