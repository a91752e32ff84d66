<script setup lang="ts">
import type { Schemas } from '../../api'
import { standings } from '../words'
import { t } from '../texts'

type Standing = Schemas['CommentStanding']
const props = defineProps<{ standing: Standing | null; isTeam: boolean; last: { words: string } | null }>()
const emit = defineEmits<{ decide: [to: Standing]; ban: []; answer: []; undo: [] }>()
</script>

<template>
  <div class="keys">
    <v-btn :disabled="!props.standing || props.standing === 'public'" @click="emit('decide', 'public')"
      >{{ t('publish') }} <kbd>1</kbd></v-btn
    >
    <v-btn
      variant="outlined"
      :disabled="!props.standing || props.standing === 'hidden'"
      @click="emit('decide', 'hidden')"
      >{{ t('hide') }} <kbd>2</kbd></v-btn
    >
    <v-btn variant="outlined" :disabled="!props.standing || props.standing === 'spam'" @click="emit('decide', 'spam')"
      >{{ t('markSpam') }} <kbd>3</kbd></v-btn
    >
    <v-btn variant="outlined" :disabled="!props.standing || props.isTeam" @click="emit('ban')"
      >{{ t('ban') }} <kbd>4</kbd></v-btn
    >
    <v-btn variant="text" :disabled="!props.standing || props.standing === 'deleted'" @click="emit('decide', 'deleted')"
      >{{ t('delete') }} <kbd>D</kbd></v-btn
    >
    <v-btn variant="text" :disabled="!props.standing" @click="emit('answer')">{{ t('reply') }} <kbd>R</kbd></v-btn>
    <slot />
    <span v-if="props.last?.words" class="last small soft" role="status"
      >{{ props.last.words }}. <button class="link" @click="emit('undo')">{{ t('undo') }}</button> <kbd>U</kbd></span
    >
    <span v-else-if="props.standing" class="last small soft">{{ standings[props.standing] }}</span>
  </div>
</template>

<style scoped>
.keys {
  border-top: 1px solid var(--rule);
  padding: 12px 24px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  background: var(--paper);
}
kbd {
  margin-left: 8px;
  background: transparent;
  color: inherit;
  border-color: color-mix(in srgb, currentColor 45%, transparent);
}
.last {
  margin-left: auto;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
@media (max-width: 860px) {
  .keys {
    position: fixed;
    bottom: 55px;
    left: 0;
    right: 0;
    padding: 8px 10px;
    gap: 6px;
    z-index: 20;
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    row-gap: 4px;
  }
  .keys :deep(.v-btn) {
    min-width: 0;
    padding: 0 4px;
    height: 44px;
    font-size: 14px;
  }
  .keys :deep(.v-btn__prepend) {
    display: none;
  }
  .keys kbd {
    display: none;
  }
  .last {
    grid-column: 1/5;
    grid-row: 1;
    margin: 0;
  }
}
</style>
