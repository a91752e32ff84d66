<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'

const open = defineModel<boolean>({ required: true })
const route = useRoute()
const everywhere: [string, string][] = [
  ['Ctrl K', 'Search'],
  ['?', 'Show keyboard shortcuts'],
]
const ofScreen: Record<string, [string, string][]> = {
  comments: [
    ['↑ ↓', 'Move through the queue'],
    ['1', 'Publish'],
    ['2', 'Hide'],
    ['3', 'Spam'],
    ['4', 'Ban the commenter'],
    ['D', 'Delete'],
    ['Shift 2, Shift 3', 'Hide all comments by this commenter, or mark them as spam'],
    ['R', 'Reply'],
    ['E', 'Edit'],
    ['N', 'Add internal note'],
    ['T', 'Trust the commenter'],
    ['M', 'More actions'],
    ['U', 'Undo last action'],
  ],
  coverage: [
    ['← → ↑ ↓', 'Move between cells'],
    ['Enter', 'Show details'],
    ['Esc', 'Close details'],
  ],
  check: [['↑ ↓', 'Move through the findings']],
  post: [['Ctrl S', 'Save']],
  'new-post': [['Ctrl S', 'Save']],
}
const keys = computed(() => [...(ofScreen[String(route.name)] ?? []), ...everywhere])
</script>

<template>
  <v-dialog v-model="open" max-width="420">
    <v-card class="keys">
      <h2>Keyboard shortcuts</h2>
      <dl>
        <template v-for="[key, what] in keys" :key="key"
          ><dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ what }}</dd></template
        >
      </dl>
      <v-btn variant="outlined" @click="open = false">Close</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.keys {
  padding: 22px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 18px;
  margin: 14px 0 18px;
}
dd {
  margin: 0;
}
</style>
