<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take } from '../api/client'
import { lineOf } from '../api/problem'
import PageTitle from '../shared/PageTitle.vue'
import WhenText from '../shared/WhenText.vue'
import { counted } from '../shared/counted'
import { useQueryValue } from '../shared/useQueryValue'
import { useSite } from '../sites/useSite'
import ChannelTabs from './ChannelTabs.vue'
import DeliveryPanel from './DeliveryPanel.vue'

const { id, site, mayEdit } = useSite()
const picked = useQueryValue('post')
const {
  data: mail,
  error,
  isPending,
} = useQuery({
  queryKey: ['mail', id],
  queryFn: () => take(api.GET('/api/sites/{site}/channels/mail', { params: { path: { site: id.value } } })),
  refetchInterval: 3_000,
})
const chosen = computed(() => mail.value?.posts.find((post) => String(post.postId) === picked.value) ?? null)
const share = (part: number, total: number) => `${(100 * part) / Math.max(1, total)}%`
</script>

<template>
  <PageTitle title="Mail">
    <template #state v-if="mail"
      >Mail to {{ counted(mail.subscribers, 'subscriber') }}. {{ mail.open ? `${counted(mail.open, 'mail')} on their way.` : '' }}
      <b v-if="mail.failed" class="m">{{ counted(mail.failed, 'mail') }} failed.</b></template
    >
    <template #act><v-btn variant="outlined" :to="`/s/${id}/readers`">Subscribers</v-btn></template>
  </PageTitle>
  <ChannelTabs />
  <p v-if="error" class="work trouble" role="alert">{{ lineOf(error) }}</p>
  <p v-else-if="isPending" class="work waiting">Reading the deliveries …</p>
  <div v-else-if="mail && mail.posts.length === 0" class="work empty">
    <h2>Nothing went out yet</h2>
    <p>When a post written here is published, every subscriber gets one mail. {{ mail.subscribers ? '' : 'There are no subscribers yet.' }}</p>
  </div>
  <div v-else-if="mail" class="work split">
    <div class="lane">
      <button v-for="post in mail.posts" :key="post.postId" class="sent" :class="{ on: picked === String(post.postId) }" @click="picked = String(post.postId)">
        <span class="t">{{ post.title }}</span><span class="soft small"><WhenText :at="post.lastAt" :zone="site?.timeZone" /></span>
        <span class="bar" aria-hidden="true"
          ><i class="good" :style="{ width: share(post.delivered, post.total) }" /><i class="bad" :style="{ width: share(post.failed, post.total) }"
        /></span>
        <span class="small soft words"
          >{{ post.delivered }} of {{ post.total }} delivered<template v-if="post.open">, {{ post.open }} on their way</template
          ><b v-if="post.failed" class="m">, {{ post.failed }} failed</b><template v-if="post.cancelled">, {{ post.cancelled }} cancelled</template></span
        >
      </button>
    </div>
    <DeliveryPanel v-if="chosen" :key="chosen.postId" :site-id="id" :post="chosen" :may-act="mayEdit" />
    <p v-else class="hint-text soft">Choose a post to see each delivery and what the receiver said.</p>
  </div>
</template>

<style scoped>
.lane {
  width: 500px;
  flex: none;
  padding: 0 24px 40px;
}
.sent {
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--hair);
  padding: 11px 0;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 3px 12px;
  cursor: pointer;
}
.sent .t {
  font-size: 17px;
  line-height: 1.25;
}
.sent.on {
  background: var(--sheet);
  margin: 0 -24px;
  padding: 11px 24px;
  width: calc(100% + 48px);
  box-shadow: inset 4px 0 0 var(--verdigris);
}
.bar {
  grid-column: 1/3;
  display: flex;
  height: 5px;
  background: var(--hair);
  border-radius: 3px;
  overflow: hidden;
}
.good {
  background: var(--verdigris);
}
.bad {
  background: repeating-linear-gradient(45deg, var(--madder) 0 3px, transparent 3px 5px);
}
.words {
  grid-column: 1/3;
}
.hint-text {
  padding: 30px;
  border-left: 1px solid var(--rule);
  background: var(--sheet);
  flex: 1;
}
@media (max-width: 860px) {
  .lane {
    width: auto;
    padding: 0 16px 16px;
  }
  .sent.on {
    margin: 0 -16px;
    padding: 11px 16px;
    width: calc(100% + 32px);
  }
  .hint-text {
    border: 0;
  }
}
</style>
