<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { useTerms } from '../../shared'
import type { Writing } from './usePost'
import PostFindings from '../PostFindings.vue'
import PostPreview from '../PostPreview.vue'
import type { usePostCheck } from '../usePostCheck'
import DetailsPart from './details/DetailsPart.vue'
import OwnFields from './details/OwnFields.vue'
import ReviewPart from './details/ReviewPart.vue'
import SearchPart from './details/SearchPart.vue'
import { suggestTags } from './details/suggestTags'
import GoesByMail from './sending/GoesByMail.vue'
import GoesTo from './sending/GoesTo.vue'
import { t } from '../texts'

const props = defineProps<{
  writing: Writing
  check: ReturnType<typeof usePostCheck>
  siteId: number
  site: Schemas['SiteView'] | undefined
  /** Words marked in the text, which a remark can be about. */
  chosen: string
  /** The text without its markup. */
  plain: string
  mayEdit: boolean
  mayWrite: boolean
}>()

const { id, post, stored, blogs, readonly, act } = props.writing
const { data: terms } = useTerms(() => props.siteId)
const written = computed(() => blogs.value?.filter((blog) => blog.writtenHere) ?? [])
const suggested = computed(() => suggestTags(`${post.title} ${props.plain}`, terms.value?.tags ?? [], post.tags))
const excerpt = computed(() => post.excerpt || props.plain.replace(/\s+/g, ' ').slice(0, 160))
</script>

<template>
  <aside>
    <ReviewPart
      v-if="id"
      :site-id="siteId"
      :post-id="id"
      :chosen="chosen"
      :note="stored?.reviewNote ?? null"
      :in-review="post.status === 'inReview'"
      :may-remark="mayWrite && !readonly"
      :zone="site?.timeZone"
    />
    <h2 class="group">{{ t('details') }}</h2>
    <DetailsPart
      :model-value="post"
      :site-id="siteId"
      :blogs="written"
      :terms="terms"
      :suggested="suggested"
      :fields="act.fields.value"
      :readonly="readonly"
    />
    <OwnFields
      v-model="post.ownValues"
      :site-id="siteId"
      :blog-id="post.blogId"
      :fields="act.fields.value"
      :readonly="readonly"
    />
    <SearchPart
      v-model="post.details"
      :blog-id="post.blogId"
      :title="post.title"
      :excerpt="excerpt"
      :fields="act.fields.value"
      :readonly="readonly"
      :zone="site?.timeZone"
    />
    <GoesTo
      v-if="id"
      v-model="post.details"
      :site-id="siteId"
      :post-id="id"
      :revision="post.revision"
      :title="post.title"
      :readonly="readonly || !mayEdit"
      :zone="site?.timeZone"
      :fields="act.fields.value"
    />
    <GoesByMail
      v-if="id"
      v-model="post.details"
      :site-id="siteId"
      :post-id="id"
      :revision="post.revision"
      :readonly="readonly || !mayEdit"
      :zone="site?.timeZone"
    />
    <PostFindings
      v-if="mayWrite && !readonly"
      :findings="check.findings.value"
      :links="check.links.value"
      :is-checking="check.isChecking.value"
      :trouble="check.trouble.value"
      @links="check.checkLinks"
    />
    <PostPreview :post="post" :site="site" />
  </aside>
</template>

<style scoped>
aside {
  border-left: 1px solid var(--rule);
  background: var(--sheet);
  padding: 8px 22px 40px;
}
aside :deep(summary) {
  cursor: pointer;
}
@media (max-width: 860px) {
  aside {
    border-left: 0;
    border-top: 1px solid var(--rule);
    padding: 8px 16px 100px;
  }
}
</style>
