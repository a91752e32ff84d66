<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api'
import { t } from './texts'

/** What came back of an edition: links followed, the two subjects side by side, who left. */
const props = defineProps<{ detail: Schemas['EditionDetail']; siteId: number }>()
const most = computed(() => Math.max(1, ...props.detail.links.map((link) => link.clicks)))
const share = (clicks: number, delivered: number) => `${Math.round((1000 * clicks) / Math.max(1, delivered)) / 10}%`
const plain = (address: string) => address.replace(/^https?:\/\//, '').replace(/\/$/, '')
</script>

<template>
  <h3 class="group">{{ t('posts') }}</h3>
  <ul class="posts">
    <li v-for="post in props.detail.posts" :key="post.id">
      <router-link :to="`/s/${props.siteId}/posts/${post.id}`">{{ post.title }}</router-link>
    </li>
  </ul>
  <template v-if="props.detail.trial">
    <h3 class="group">{{ t('subjectTest') }}</h3>
    <table class="ruled">
      <tbody>
        <tr
          v-for="one in [
            {
              words: props.detail.trial.first,
              delivered: props.detail.trial.firstDelivered,
              clicks: props.detail.trial.firstClicks,
            },
            {
              words: props.detail.trial.second,
              delivered: props.detail.trial.secondDelivered,
              clicks: props.detail.trial.secondClicks,
            },
          ]"
          :key="one.words"
        >
          <td>{{ one.words }}</td>
          <td class="num">{{ t('mails', { delivered: one.delivered }) }}</td>
          <td class="num">{{ t('clicks', { clicks: one.clicks }) }}</td>
          <td class="num">{{ share(one.clicks, one.delivered) }}</td>
        </tr>
      </tbody>
    </table>
  </template>
  <template v-if="props.detail.edition.clicks !== null">
    <h3 class="group">{{ t('clicksByLink') }}</h3>
    <p v-if="props.detail.edition.clicks === 0" class="small soft">{{ t('noClicksYet') }}</p>
    <ul v-else class="links">
      <li v-for="link in props.detail.links.filter((one) => one.clicks > 0)" :key="link.address">
        <a :href="link.address" target="_blank" rel="noopener">{{ plain(link.address) }}</a> <b>{{ link.clicks }}</b>
        <i aria-hidden="true" :style="{ width: `${(100 * link.clicks) / most}%` }" />
      </li>
    </ul>
  </template>
  <p v-if="props.detail.edition.opens !== null || props.detail.edition.left" class="small soft">
    <template v-if="props.detail.edition.opens !== null"
      >{{ t('openedTimes', { opens: props.detail.edition.opens }) }}
    </template>
    <template v-if="props.detail.edition.left">{{
      t('leftUnsubscribedFromEmail', { left: props.detail.edition.left })
    }}</template>
  </p>
</template>

<style scoped>
.posts,
.links {
  list-style: none;
  margin: 0;
  padding: 0;
}
.posts li,
.links li {
  padding: 5px 0;
  font-size: 14px;
  overflow-wrap: anywhere;
}
.links li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 10px;
}
.links i {
  grid-column: 1/3;
  height: 4px;
  border-radius: 2px;
  background: var(--verdigris);
}
</style>
