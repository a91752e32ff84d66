<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api'
import { CopyButton, WhenText } from '../shared'
import { mentionWords, ways } from './words'
import { rich, t } from './texts'
import { RichText } from '../texts'

/** One mention: what the page says about the post, where, and what is done with it. */
const props = defineProps<{ mention: Schemas['MentionView']; zone: string | undefined }>()
const emit = defineEmits<{ decide: [to: Schemas['CommentStanding']]; ban: []; read: [] }>()
// A like and a repost say nothing of their own.
const says = computed(() => props.mention.kind === 'link' || props.mention.kind === 'answer')
const acts = computed(() =>
  (
    [
      { to: 'public', title: t('publish'), key: '1' },
      { to: 'hidden', title: t('hide'), key: '2' },
      { to: 'spam', title: t('spam'), key: '3' },
    ] as const
  ).filter((act) => act.to !== props.mention.standing),
)
</script>

<template>
  <article class="part">
    <p class="small soft kicker">
      <RichText
        :of="
          rich('viaWay', {
            kind: mentionWords[props.mention.kind],
            host: props.mention.host,
            way: ways[props.mention.way],
          })
        "
        ><template #when><WhenText :at="props.mention.receivedAt" :zone="props.zone" /></template
      ></RichText>
    </p>
    <h2>
      <a :href="props.mention.source" target="_blank" rel="noopener nofollow">{{
        props.mention.title ?? props.mention.author
      }}</a>
    </h2>
    <p class="small soft">
      <a
        v-if="props.mention.authorAddress"
        :href="props.mention.authorAddress"
        target="_blank"
        rel="noopener nofollow"
        >{{ props.mention.author }}</a><template v-else>{{ props.mention.author }}</template>
      <template v-if="props.mention.publishedAt">
        ·
        <RichText :of="rich('publishedWhen')"
          ><template #when><WhenText :at="props.mention.publishedAt" :zone="props.zone" /></template></RichText
      ></template>
      <template v-if="props.mention.readAt">
        ·
        <RichText :of="rich('readWhen')"
          ><template #when><WhenText :at="props.mention.readAt" :zone="props.zone" /></template></RichText
      ></template>
    </p>
    <blockquote v-if="props.mention.text && says" class="said">{{ props.mention.text }}</blockquote>
    <p v-if="props.mention.problem" class="m">{{ props.mention.problem }}</p>
    <p v-if="props.mention.nextReadAt" class="soft">
      <RichText :of="rich('nextFetch')"
        ><template #when><WhenText :at="props.mention.nextReadAt" :zone="props.zone" /></template
      ></RichText>
    </p>
    <dl>
      <dt>{{ t('about') }}</dt>
      <dd>
        <a :href="props.mention.postAddress" target="_blank" rel="noopener">{{ props.mention.postTitle }}</a>
      </dd>
      <dt>{{ t('page') }}</dt>
      <dd class="source">
        {{ props.mention.source }} <CopyButton :text="props.mention.source" :label="t('copyAddress')" />
      </dd>
    </dl>
    <div class="row acts">
      <template v-if="props.mention.commentId">
        <v-btn
          v-for="act in acts"
          :key="act.to"
          :variant="act.to === 'public' ? 'flat' : 'outlined'"
          @click="emit('decide', act.to)"
          ><kbd>{{ act.key }}</kbd> {{ act.title }}</v-btn
        >
        <v-btn variant="outlined" @click="emit('ban')">{{ t('banHost', { host: props.mention.host }) }}</v-btn>
      </template>
      <v-btn variant="text" @click="emit('read')">{{ t('fetchAgain') }}</v-btn>
    </div>
  </article>
</template>

<style scoped>
.part {
  padding: 22px 36px 40px;
  max-width: 820px;
  overflow-wrap: anywhere;
}
h2 {
  font-size: 23px;
  line-height: 1.2;
  margin: 2px 0 4px;
}
.said {
  margin: 16px 0;
  padding: 12px 18px;
  border-left: 4px solid var(--madder);
  background: var(--wash-m);
  border-radius: 0 6px 6px 0;
  font-size: 17px;
  white-space: pre-line;
}
dl {
  display: grid;
  grid-template-columns: 70px 1fr;
  gap: 6px 12px;
  margin: 18px 0;
  font-size: 14px;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
}
.source {
  font-family: 'JetBrains Mono', monospace;
  font-size: 13px;
}
.acts {
  gap: 8px;
  flex-wrap: wrap;
}
kbd {
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  opacity: 0.75;
  margin-right: 6px;
  padding: 0;
}
@media (max-width: 860px) {
  kbd {
    display: none;
  }
  .part {
    padding: 12px 16px 90px;
  }
}
</style>
