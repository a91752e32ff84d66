<script setup lang="ts">
import {
  mdiAccountBoxOutline,
  mdiAccountPlusOutline,
  mdiButtonCursor,
  mdiCardTextOutline,
  mdiCodeBraces,
  mdiContentCopy,
  mdiEmailPlusOutline,
  mdiFilmstrip,
  mdiFormTextbox,
  mdiFormatListBulletedSquare,
  mdiFormatQuoteOpenOutline,
  mdiHelpBoxOutline,
  mdiImageMultipleOutline,
  mdiImageOutline,
  mdiLinkBoxVariantOutline,
  mdiMinus,
  mdiMusicNoteOutline,
  mdiPlus,
  mdiTable,
} from '@mdi/js'
import type { Editor } from '@tiptap/core'
import { t } from '../../texts'

/** What can be put into the text, by name. */
const props = defineProps<{ editor: Editor }>()
const emit = defineEmits<{ picture: []; gallery: []; button: []; media: [kind: 'video' | 'audio']; card: [] }>()
const put = (content: object) => props.editor.chain().focus().insertContent(content).run()
const place = (kind: string) => put({ type: 'place', attrs: { kind } })
const items: { name: string; icon: string; run: () => unknown }[][] = [
  [
    { name: t('picture'), icon: mdiImageOutline, run: () => emit('picture') },
    { name: t('gallery'), icon: mdiImageMultipleOutline, run: () => emit('gallery') },
    { name: t('video2'), icon: mdiFilmstrip, run: () => emit('media', 'video') },
    { name: t('audio2'), icon: mdiMusicNoteOutline, run: () => emit('media', 'audio') },
    { name: t('linkPreview2'), icon: mdiLinkBoxVariantOutline, run: () => emit('card') },
  ],
  [
    {
      name: t('table'),
      icon: mdiTable,
      run: () => props.editor.chain().focus().insertTable({ rows: 3, cols: 3, withHeaderRow: true }).run(),
    },
    {
      name: t('pullQuote'),
      icon: mdiFormatQuoteOpenOutline,
      run: () => put({ type: 'pullQuote', content: [{ type: 'paragraph' }] }),
    },
    { name: t('code'), icon: mdiCodeBraces, run: () => props.editor.chain().focus().toggleCodeBlock().run() },
    {
      name: t('copyableText'),
      icon: mdiContentCopy,
      run: () => put({ type: 'copyable', content: [{ type: 'text', text: t('ra00h42mDec') }] }),
    },
    { name: t('button'), icon: mdiButtonCursor, run: () => emit('button') },
    { name: t('divider'), icon: mdiMinus, run: () => props.editor.chain().focus().setHorizontalRule().run() },
  ],
  [
    { name: t('tableContents'), icon: mdiFormatListBulletedSquare, run: () => place('contents') },
    { name: t('aboutAuthor'), icon: mdiAccountBoxOutline, run: () => place('author') },
    { name: t('relatedPosts'), icon: mdiCardTextOutline, run: () => place('related') },
    { name: t('contactForm'), icon: mdiHelpBoxOutline, run: () => place('question') },
    { name: t('signUpForm'), icon: mdiEmailPlusOutline, run: () => place('subscribe') },
    { name: t('followLinks'), icon: mdiAccountPlusOutline, run: () => place('follow') },
    {
      name: t('templatePlaceholder'),
      icon: mdiFormTextbox,
      run: () => props.editor.chain().focus().toggleNode('prompt', 'paragraph').run(),
    },
  ],
]
</script>

<template>
  <v-menu>
    <template #activator="{ props: opener }">
      <button type="button" class="put" v-bind="opener"><v-icon :icon="mdiPlus" size="18" /> {{ t('insert') }}</button>
    </template>
    <div class="sheet" role="menu">
      <div v-for="(group, index) in items" :key="index" class="part">
        <button v-for="item in group" :key="item.name" type="button" role="menuitem" @click="item.run()">
          <v-icon :icon="item.icon" size="18" /> {{ item.name }}
        </button>
      </div>
    </div>
  </v-menu>
</template>

<style scoped>
.put {
  display: inline-flex;
  gap: 3px;
  align-items: center;
  background: none;
  border: 1px solid var(--rule);
  border-radius: 5px;
  padding: 0 9px;
  height: 30px;
  font-weight: 600;
  font-size: 13.5px;
  color: var(--verdigris);
  cursor: pointer;
}
.sheet {
  display: grid;
  grid-template-columns: repeat(3, auto);
  gap: 4px 18px;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 6px;
  padding: 10px 12px;
}
.part {
  display: grid;
  align-content: start;
}
.part button {
  display: flex;
  gap: 8px;
  align-items: center;
  background: none;
  border: 0;
  padding: 6px 8px;
  border-radius: 4px;
  text-align: left;
  cursor: pointer;
  color: inherit;
}
.part button:hover,
.part button:focus-visible {
  background: var(--hair);
}
@media (max-width: 620px) {
  .sheet {
    grid-template-columns: auto;
    max-height: 60vh;
    overflow: auto;
  }
}
</style>
