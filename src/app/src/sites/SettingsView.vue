<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref, watch } from 'vue'
import { api, type Schemas, take } from '../api'
import { CopyButton, PageTitle, useAct, useNotice, useSite } from '../shared'
import ActsPart from './ActsPart.vue'
import FollowPart from './FollowPart.vue'
import SharePart from './SharePart.vue'
import MembersPart from './MembersPart.vue'
import SiteForm from './SiteForm.vue'
import { t } from './texts'

const { id, site, mayEdit, isOwner } = useSite()
const form = ref<Schemas['SiteRequest'] | null>(null)
watch(
  site,
  (now) =>
    now &&
    !form.value &&
    (form.value = {
      name: now.name,
      address: now.address,
      timeZone: now.timeZone,
      language: now.language,
      allowedAddresses: [...now.allowedAddresses],
    }),
  { immediate: true },
)
const { running, trouble, fields, run } = useAct()
const { say } = useNotice()
const queries = useQueryClient()

async function save(): Promise<void> {
  const saved = await run(() =>
    take(api.PUT('/api/sites/{site}', { params: { path: { site: id.value } }, body: form.value! })),
  )
  if (!saved) return
  form.value!.allowedAddresses = saved.allowedAddresses
  say(t('settingsSavedTheyApply'))
  await queries.invalidateQueries({ queryKey: ['sites'] })
}
</script>

<template>
  <PageTitle :title="t('siteSettings')"
    ><template #state>{{ site?.name }}</template></PageTitle
  >
  <div class="work columns">
    <section>
      <h2 class="group">{{ t('theSite') }}</h2>
      <form v-if="form" class="form" novalidate @submit.prevent="save">
        <SiteForm v-model="form" :fields="fields" detailed />
        <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
        <div>
          <v-btn type="submit" :loading="running" :disabled="!isOwner">{{ t('save') }}</v-btn>
        </div>
        <p v-if="!isOwner" class="soft small">{{ t('onlyOwnersCanChange') }}</p>
      </form>
      <FollowPart :site-id="id" :may-edit="mayEdit" />
      <SharePart :site-id="id" :may-edit="mayEdit" />
      <h2 class="group">{{ t('publicKey') }}</h2>
      <p v-if="site" class="row key">
        <code>{{ site.publicKey }}</code><CopyButton :text="site.publicKey" :label="t('copyPublicKey')" />
      </p>
      <p class="soft small">{{ t('usedCommentSnippetsNot') }}</p>
    </section>
    <div>
      <MembersPart :site-id="id" :is-owner="isOwner" />
      <ActsPart v-if="mayEdit" :site-id="id" :zone="site?.timeZone" />
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 24rem), 1fr));
  gap: 10px 48px;
}
.form {
  margin: 16px 0 26px;
}
.key {
  padding: 12px 0 4px;
}
</style>
