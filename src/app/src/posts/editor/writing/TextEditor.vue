<script setup lang="ts">
import { mdiLinkVariant, mdiMagnify } from '@mdi/js'
import { EditorContent, useEditor } from '@tiptap/vue-3'
import { ref, watch } from 'vue'
import { api, type Schemas, take } from '../../../api'
import { PicturePicker, useUploads } from '../../../pictures'
import { useAct } from '../../../shared'
import AddressDialog from '../details/AddressDialog.vue'
import ColourMenu from './ColourMenu.vue'
import FindBar from './FindBar.vue'
import InsertMenu from './InsertMenu.vue'
import LinkDialog from './LinkDialog.vue'
import PictureTools from './PictureTools.vue'
import { blocks } from '../blocks/all'
import { cleanPaste, fromMarkdown, isMarkdown, loneAddress } from './paste'
import { tools } from './tools'
import './writing.css'
import { t } from '../../texts'

const html = defineModel<string>({ required: true })
const props = defineProps<{ siteId: number; title: string; readonly?: boolean; problem?: string }>()
const emit = defineEmits<{ chosen: [words: string] }>()
const act = useAct()
const picking = ref<'picture' | 'gallery' | null>(null)
const linking = ref<'link' | 'button' | null>(null)
const asking = ref<'video' | 'audio' | 'card' | null>(null)
const finding = ref(false)
const pictureOf = (picture: Schemas['PictureView']) => ({
  type: 'pictureBlock',
  attrs: { src: picture.address, alt: picture.alt, width: picture.width, height: picture.height },
  content: picture.caption
    ? [{ type: 'text', text: [picture.caption, picture.credit].filter(Boolean).join(' · ') }]
    : [],
})
const uploads = useUploads(
  () => props.siteId,
  (picture) => editor.value?.chain().focus().insertContent(pictureOf(picture)).run(),
)
const editor = useEditor({
  content: html.value,
  editable: !props.readonly,
  extensions: blocks,
  editorProps: {
    attributes: { 'aria-label': t('textPost'), class: 'writing' },
    transformPastedHTML: cleanPaste,
    handlePaste: (_view, event) => paste(event),
    handleDrop: (_view, event) => send((event as DragEvent).dataTransfer?.files),
    handleKeyDown: (_view, event) => keys(event),
  },
  onUpdate: ({ editor: changed }) => (html.value = changed.getHTML()),
  onSelectionUpdate: ({ editor: changed }) => {
    const { from, to } = changed.state.selection
    emit('chosen', changed.state.doc.textBetween(from, to, ' '))
  },
})
watch(
  () => props.readonly,
  (now) => editor.value?.setEditable(!now),
)
watch(html, (now) => {
  if (editor.value && editor.value.getHTML() !== now) editor.value.commands.setContent(now, { emitUpdate: false })
})

function send(files: FileList | undefined | null): boolean {
  const pictures = [...(files ?? [])].filter((file) => file.type.startsWith('image/'))
  if (!pictures.length) return false
  void uploads.send(pictures)
  return true
}

function paste(event: ClipboardEvent): boolean {
  const data = event.clipboardData
  if (!data || send(data.files)) return !!data
  const text = data.getData('text/plain')
  const state = editor.value!.state
  const address = loneAddress(text)
  // On an empty line an address becomes a card; over chosen words it becomes their link, which the link extension sees to.
  if (address && state.selection.empty && state.selection.$from.parent.content.size === 0) {
    void card(address)
    return true
  }
  if (data.getData('text/html') || !isMarkdown(text)) return false
  editor.value!.commands.insertContent(fromMarkdown(text))
  return true
}

function keys(event: KeyboardEvent): boolean {
  if (!(event.ctrlKey || event.metaKey) || event.altKey) return false
  const key = event.key.toLowerCase()
  if (key === 'h') finding.value = true
  else if (key === 'k' && event.shiftKey) linking.value = 'link'
  else return false
  event.preventDefault()
  return true
}

async function card(address: string): Promise<void> {
  const found = await act.run(() =>
    take(api.POST('/api/sites/{site}/posts/card', { params: { path: { site: props.siteId } }, body: { address } })),
  )
  const chain = editor.value!.chain().focus()
  if (found)
    chain
      .insertContent({
        type: 'linkCard',
        attrs: { href: address, title: found.title, text: found.text ?? '', host: found.host, picture: found.picture },
      })
      .run()
  else chain.insertContent({ type: 'text', text: address, marks: [{ type: 'link', attrs: { href: address } }] }).run()
}

function chosen(pictures: Schemas['PictureView'][]): void {
  const nodes = pictures.map(pictureOf)
  editor
    .value!.chain()
    .focus()
    .insertContent(picking.value === 'gallery' && nodes.length > 1 ? { type: 'gallery', content: nodes } : nodes)
    .run()
}

function asked(address: string): void {
  const kind = asking.value
  asking.value = null
  if (kind === 'card') void card(address)
  else
    editor
      .value!.chain()
      .focus()
      .insertContent({ type: 'media', attrs: { kind, src: address } })
      .run()
}
</script>

<template>
  <div class="editor" :class="{ wrong: props.problem }">
    <div v-if="editor && !props.readonly" class="tools" role="toolbar" :aria-label="t('formatting')">
      <InsertMenu
        :editor="editor"
        @picture="picking = 'picture'"
        @gallery="picking = 'gallery'"
        @button="linking = 'button'"
        @media="(kind) => (asking = kind)"
        @card="asking = 'card'"
      />
      <span v-for="(group, index) in tools" :key="index" class="group-of-tools">
        <button
          v-for="tool in group"
          :key="tool.name"
          type="button"
          class="tool"
          :title="tool.keys ? `${tool.name} (${tool.keys})` : tool.name"
          :aria-label="tool.name"
          :aria-pressed="tool.on?.(editor)"
          :class="{ on: tool.on?.(editor) }"
          @click="tool.run(editor)"
        >
          <v-icon :icon="tool.icon" size="19" />
        </button>
      </span>
      <ColourMenu :editor="editor" />
      <button
        type="button"
        class="tool"
        :class="{ on: editor.isActive('link') }"
        :title="t('linkCtrlShiftK')"
        :aria-label="t('link')"
        @click="linking = 'link'"
      >
        <v-icon :icon="mdiLinkVariant" size="19" />
      </button>
      <button
        type="button"
        class="tool"
        :title="t('findReplaceCtrlF')"
        :aria-label="t('findReplace')"
        @click="finding = !finding"
      >
        <v-icon :icon="mdiMagnify" size="19" />
      </button>
    </div>
    <FindBar v-if="editor && finding" :editor="editor" @close="finding = false" />
    <PictureTools v-if="editor && !props.readonly" :site-id="props.siteId" :editor="editor" />
    <p v-for="row in uploads.uploads" :key="row.name" class="small" :class="row.trouble ? 'm' : 'soft'" role="status">
      {{ row.trouble ? `${row.name}: ${row.trouble}` : t('uploadingName', { name: row.name }) }}
      <button v-if="row.trouble" type="button" class="link" @click="uploads.forget(row)">{{ t('dismiss') }}</button>
    </p>
    <p v-if="act.trouble.value || act.fields.value.address" class="o small" role="status">
      {{ t('noPreviewAvailableN', { reason: act.fields.value.address?.[0] ?? act.trouble.value }) }}
    </p>
    <EditorContent :editor="editor" />
    <p v-if="props.problem" class="m small" role="alert">{{ props.problem }}</p>
    <PicturePicker
      v-if="picking"
      :model-value="true"
      :site-id="props.siteId"
      :title="props.title"
      :many="picking === 'gallery'"
      @chosen="chosen"
      @update:model-value="picking = null"
    />
    <LinkDialog
      v-if="editor && linking"
      :model-value="true"
      :editor="editor"
      :button="linking === 'button'"
      @update:model-value="linking = null"
    />
    <AddressDialog v-if="asking" :kind="asking" @done="asked" @close="asking = null" />
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0;
  align-items: center;
  padding: 4px 0;
  border-block: 1px solid var(--rule);
  position: sticky;
  top: 56px;
  background: var(--paper);
  z-index: 5;
}
.group-of-tools {
  display: inline-flex;
  flex-wrap: wrap;
  padding-right: 4px;
  margin-left: 4px;
  border-right: 1px solid var(--rule);
}
.tools :deep(.tool) {
  background: none;
  border: 0;
  border-radius: 4px;
  width: 25px;
  height: 32px;
  cursor: pointer;
  color: var(--soft);
}
.tools :deep(.tool:hover) {
  color: var(--ink);
  background: var(--hair);
}
.tools :deep(.tool.on) {
  color: var(--verdigris);
  background: var(--wash-v);
}
.wrong .tools {
  border-color: var(--madder);
}
</style>
