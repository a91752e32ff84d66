<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { api, type Schemas, take } from '../../api'
import { useAct } from '../../shared'
import { t } from '../texts'

/** Whether the filter begins with what the other sites of the installation decided, and they with what this one did. */
const props = defineProps<{ siteId: number; filter: Schemas['FilterView']; mayEdit: boolean }>()
const queries = useQueryClient()
const act = useAct()
const path = () => ({ params: { path: { site: props.siteId } } })

async function set(isOn: boolean): Promise<void> {
  await act.run(async () => {
    const layers = await take(api.GET('/api/sites/{site}/comments/settings', path()))
    return await take(
      api.PUT('/api/sites/{site}/comments/settings', {
        ...path(),
        body: { blogId: null, settings: { ...layers.site, sharesLearning: isOn } },
      }),
    )
  })
  await queries.invalidateQueries({ queryKey: ['comment-filter'] })
}
</script>

<template>
  <div>
    <v-switch
      :model-value="props.filter.sharesLearning"
      :disabled="!props.mayEdit || act.running.value"
      :label="t('shareSpamTrainingOther')"
      @update:model-value="(on: boolean | null) => set(on === true)"
    />
    <p class="soft small">
      {{
        props.filter.shared ? t('learnedFromDecisionsOther', { shared: props.filter.shared }) : t('onlySitesAlsoOpted')
      }}
    </p>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
  </div>
</template>
