<script setup lang="ts">
/** A link that lets somebody choose files, or a whole folder; the same files can be chosen again. */
const props = defineProps<{ name?: string; accept?: string; multiple?: boolean; folder?: boolean }>()
const emit = defineEmits<{ files: [files: File[]] }>()

function choose(event: Event): void {
  const input = event.target as HTMLInputElement
  const files = [...(input.files ?? [])]
  input.value = ''
  if (files.length) emit('files', files)
}
</script>

<template>
  <label class="link"
    ><slot /><input
      type="file"
      :name="props.name"
      :accept="props.accept"
      :multiple="props.multiple"
      :webkitdirectory="props.folder || undefined"
      @change="choose"
  /></label>
</template>

<style scoped>
input {
  position: absolute;
  left: -9999px;
}
label:focus-within {
  outline: 2px solid var(--verdigris);
  outline-offset: 2px;
}
</style>
