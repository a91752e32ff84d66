<script setup lang="ts">
import StarterKit from '@tiptap/starter-kit'
import { EditorContent, useEditor } from '@tiptap/vue-3'
import {
  mdiCodeTags,
  mdiFormatBold,
  mdiFormatHeader2,
  mdiFormatHeader3,
  mdiFormatItalic,
  mdiFormatListBulleted,
  mdiFormatListNumbered,
  mdiFormatQuoteClose,
  mdiLinkVariant,
  mdiMinus,
  mdiRedo,
  mdiUndo,
} from '@mdi/js'
import { watch } from 'vue'

const html = defineModel<string>({ required: true })
const props = defineProps<{ readonly?: boolean; problem?: string }>()
const editor = useEditor({
  content: html.value,
  editable: !props.readonly,
  extensions: [StarterKit.configure({ heading: { levels: [2, 3, 4] }, link: { openOnClick: false, autolink: true, defaultProtocol: 'https' } })],
  editorProps: { attributes: { 'aria-label': 'Text of the post', class: 'writing' } },
  onUpdate: ({ editor: changed }) => (html.value = changed.getHTML()),
})
watch(html, (now) => {
  if (editor.value && editor.value.getHTML() !== now) editor.value.commands.setContent(now, { emitUpdate: false })
})

function link(): void {
  const before = (editor.value?.getAttributes('link').href as string | undefined) ?? ''
  const address = window.prompt('Address of the link; leave it empty to remove the link', before)
  if (address === null) return
  const chain = editor.value!.chain().focus().extendMarkRange('link')
  if (address.trim()) chain.setLink({ href: address.trim() }).run()
  else chain.unsetLink().run()
}

const chain = () => editor.value!.chain().focus()
const tools: { name: string; icon: string; run: () => unknown; on?: () => boolean }[] = [
  { name: 'Bold', icon: mdiFormatBold, run: () => chain().toggleBold().run(), on: () => editor.value!.isActive('bold') },
  { name: 'Italic', icon: mdiFormatItalic, run: () => chain().toggleItalic().run(), on: () => editor.value!.isActive('italic') },
  { name: 'Heading', icon: mdiFormatHeader2, run: () => chain().toggleHeading({ level: 2 }).run(), on: () => editor.value!.isActive('heading', { level: 2 }) },
  {
    name: 'Smaller heading',
    icon: mdiFormatHeader3,
    run: () => chain().toggleHeading({ level: 3 }).run(),
    on: () => editor.value!.isActive('heading', { level: 3 }),
  },
  { name: 'List', icon: mdiFormatListBulleted, run: () => chain().toggleBulletList().run(), on: () => editor.value!.isActive('bulletList') },
  { name: 'Numbered list', icon: mdiFormatListNumbered, run: () => chain().toggleOrderedList().run(), on: () => editor.value!.isActive('orderedList') },
  { name: 'Quote', icon: mdiFormatQuoteClose, run: () => chain().toggleBlockquote().run(), on: () => editor.value!.isActive('blockquote') },
  { name: 'Code', icon: mdiCodeTags, run: () => chain().toggleCodeBlock().run(), on: () => editor.value!.isActive('codeBlock') },
  { name: 'Link', icon: mdiLinkVariant, run: link, on: () => editor.value!.isActive('link') },
  { name: 'Divider', icon: mdiMinus, run: () => chain().setHorizontalRule().run() },
  { name: 'Undo', icon: mdiUndo, run: () => chain().undo().run() },
  { name: 'Redo', icon: mdiRedo, run: () => chain().redo().run() },
]
</script>

<template>
  <div class="editor" :class="{ wrong: props.problem }">
    <div v-if="editor && !props.readonly" class="tools" role="toolbar" aria-label="Formatting">
      <button
        v-for="tool in tools"
        :key="tool.name"
        type="button"
        :title="tool.name"
        :aria-label="tool.name"
        :aria-pressed="tool.on?.()"
        :class="{ on: tool.on?.() }"
        @click="tool.run()"
      >
        <v-icon :icon="tool.icon" size="19" />
      </button>
    </div>
    <EditorContent :editor="editor" />
    <p v-if="props.problem" class="m small" role="alert">{{ props.problem }}</p>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
  padding: 4px 0;
  border-block: 1px solid var(--rule);
  position: sticky;
  top: 56px;
  background: var(--paper);
  z-index: 5;
}
.tools button {
  background: none;
  border: 0;
  border-radius: 4px;
  width: 34px;
  height: 32px;
  cursor: pointer;
  color: var(--soft);
}
.tools button:hover {
  color: var(--ink);
  background: var(--hair);
}
.tools button.on {
  color: var(--verdigris);
  background: var(--wash-v);
}
.editor :deep(.writing) {
  outline: none;
  min-height: 320px;
  padding: 18px 0;
  font: 400 19px/1.6 var(--title);
}
.editor :deep(.writing:focus-visible) {
  outline: none;
}
.editor :deep(.writing > * + *) {
  margin-top: 0.75em;
}
.editor :deep(.writing h2) {
  font-size: 1.45em;
  line-height: 1.2;
}
.editor :deep(.writing h3) {
  font-size: 1.2em;
}
.editor :deep(.writing ul),
.editor :deep(.writing ol) {
  padding-left: 1.3em;
}
.editor :deep(.writing blockquote) {
  border-left: 3px solid var(--rule);
  margin-inline: 0;
  padding-left: 1em;
  color: var(--soft);
}
.editor :deep(.writing a) {
  color: var(--verdigris);
  text-decoration: underline;
}
.editor :deep(.writing pre) {
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 6px;
  padding: 12px;
  font-size: 14px;
  overflow: auto;
}
.editor :deep(.writing img) {
  max-width: 100%;
  height: auto;
  border-radius: 4px;
}
.wrong .tools {
  border-color: var(--madder);
}
</style>
