<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import type { Schemas } from '../../../api'
import { kinds } from '../../../channels'
import ChannelLook from './ChannelLook.vue'
import MailLook from './MailLook.vue'
import GoesWhen from './GoesWhen.vue'
import WishFields from './WishFields.vue'
import type { ChannelPreviews } from './useChannelPreviews'
import { t } from '../../texts'

/** All channels beside each other, as each will show the post, with what is decided for it. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{
  title: string
  siteId: number
  postId: number
  revision: number
  of: ChannelPreviews
  told: (one: Schemas['ChannelPreview']) => string
  readonly: boolean
  zone: string | undefined
}>()
const { previews, hasOpened, checking, trouble } = props.of
</script>

<template>
  <v-dialog v-model="open" fullscreen transition="fade-transition">
    <div class="sheet">
      <header>
        <h2>{{ t('titleEveryChannel', { title: props.title }) }}</h2>
        <span class="state small soft">{{ t('basedLastSavedVersion') }}</span>
        <v-btn variant="outlined" size="small" :loading="checking" @click="props.of.openLinks">{{
          hasOpened ? t('checkLinksAgain') : t('checkLinks')
        }}</v-btn>
        <button type="button" class="close" :aria-label="t('close')" :title="t('close')" @click="open = false">
          <v-icon :icon="mdiClose" size="22" />
        </button>
      </header>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <div class="beside">
        <article><MailLook :site-id="props.siteId" :post-id="props.postId" :revision="props.revision" /></article>
        <article v-for="one in previews" :key="one.channelId" :class="{ off: !props.of.goes(one) }">
          <h3>{{ one.name }}</h3>
          <p class="small soft">
            {{ kinds[one.kind].name }} · {{ props.told(one)
            }}<GoesWhen v-if="props.of.goes(one)" :one="one" :zone="props.zone" />
          </p>
          <ChannelLook :one="one" />
          <ul v-if="one.findings.length && props.of.goes(one)" class="findings">
            <li v-for="finding in one.findings" :key="finding">{{ finding }}</li>
          </ul>
          <p v-else-if="props.of.goes(one)" class="small v">
            {{ hasOpened && one.kind === 'social' ? t('noProblemsItsLinks') : t('noProblems') }}
          </p>
          <WishFields v-if="!one.delivery && !props.readonly" :one="one" :of="props.of" />
          <router-link
            v-if="one.delivery"
            class="link small"
            :to="`/s/${props.siteId}/channels?delivery=${one.delivery.id}`"
            >{{ t('deliveryStatus') }}</router-link
          >
        </article>
      </div>
    </div>
  </v-dialog>
</template>

<style scoped>
.sheet {
  background: var(--paper);
  min-height: 100%;
  overflow: auto;
}
header {
  display: flex;
  gap: 8px 18px;
  align-items: center;
  flex-wrap: wrap;
  padding: 18px 24px 14px;
  border-bottom: 3px double var(--rule);
  position: sticky;
  top: 0;
  background: var(--paper);
  z-index: 2;
}
h2 {
  font-size: 24px;
  margin: 0;
}
.state {
  flex: 1;
  min-width: 200px;
}
.close {
  background: none;
  border: 0;
  color: var(--soft);
  cursor: pointer;
}
.trouble {
  padding: 10px 24px 0;
}
.beside {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  padding: 0 0 60px;
}
article {
  display: grid;
  align-content: start;
  gap: 10px;
  padding: 18px 24px 26px;
  border-bottom: 1px solid var(--rule);
  border-right: 1px solid var(--hair);
  min-width: 0;
}
h3 {
  font-size: 18px;
  margin: 0;
}
article p {
  margin: 0;
}
.off h3 {
  color: var(--soft);
}
.findings {
  margin: 0 0 4px;
  padding-left: 16px;
  font-size: 13px;
  color: var(--ochre);
}
@media (max-width: 860px) {
  header {
    padding: 14px 56px 12px 16px;
  }
  h2 {
    font-size: 20px;
  }
  .close {
    position: absolute;
    top: 14px;
    right: 14px;
  }
  .beside {
    grid-template-columns: 1fr;
  }
  article {
    padding: 16px;
    border-right: 0;
  }
}
</style>
