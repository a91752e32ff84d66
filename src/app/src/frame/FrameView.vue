<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useWaitingNotice } from '../comments'
import { useNotices } from '../notices'
import { useSite } from '../shared'
import FindDialog from './FindDialog.vue'
import KeysDialog from './KeysDialog.vue'
import LoadingLine from './LoadingLine.vue'
import LowBar from './LowBar.vue'
import PersonMenu from './PersonMenu.vue'
import SiteSwitch from './SiteSwitch.vue'
import { places } from './places'
import { useMarked } from './useMarked'
import { t } from './texts'

const route = useRoute()
const { id, site } = useSite()
const { data: notices } = useNotices(id)
const told = computed(() => notices.value?.filter((notice) => notice.isTrouble).length ?? 0)
useWaitingNotice()
useMarked()
const finding = ref(false)
const keys = ref(false)
const isOn = (path: string) => computed(() => route.path.startsWith(`/s/${id.value}/${path}`))
const going = places.going.map((place) => ({ ...place, on: isOn(place.path) }))
const coming = places.coming.map((place) => ({ ...place, on: isOn(place.path) }))

function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement
  return target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)
}

// With the lock for capitals on, letters come as capitals.
onKeyStroke(['k', 'K'], (event) => {
  if ((!event.ctrlKey && !event.metaKey) || event.shiftKey) return
  event.preventDefault()
  finding.value = true
})
onKeyStroke('?', (event) => {
  if (!isTyping(event)) keys.value = true
})
</script>

<template>
  <div class="frame" :class="{ back: coming.some((place) => place.on.value) }">
    <a class="skip" href="#work">{{ t('skipMainContent') }}</a>
    <header class="top">
      <router-link class="mark" :to="`/s/${id}`" :aria-label="t('antiphonHomeCoverage')"
        ><i /><span>Antiphon</span></router-link
      >
      <nav class="voice" :aria-label="t('goingOut')">
        <small>{{ t('goingOut') }}</small>
        <router-link
          v-for="place in going"
          :key="place.path"
          :to="`/s/${id}/${place.path}`"
          :class="{ on: place.on.value }"
          >{{ place.name
          }}<span v-if="place.path === 'feeds' && told" class="count" :title="t('toldUnreadNotices', { told })">{{
            told
          }}</span></router-link
        >
      </nav>
      <SiteSwitch :site="site" />
      <nav class="voice back" :aria-label="t('comingBack')">
        <router-link
          v-for="place in coming"
          :key="place.path"
          :to="`/s/${id}/${place.path}`"
          :class="{ on: place.on.value }"
          >{{ place.name
          }}<span
            v-if="place.path === 'comments' && site?.waiting"
            class="count"
            :title="t('commentsWaitingModeration', { waiting: site.waiting })"
            >{{ site.waiting }}</span
          ></router-link
        >
        <small>{{ t('comingBack') }}</small>
      </nav>
      <div class="me">
        <button class="plain-key" :aria-label="t('search')" @click="finding = true">
          <kbd>{{ t('ctrlK') }}</kbd>
        </button>
        <PersonMenu :site-id="id" @keys="keys = true" />
      </div>
    </header>
    <LoadingLine />
    <main id="work" class="frame" tabindex="-1">
      <router-view :key="route.path" />
    </main>
    <LowBar :site-id="id" :waiting="site?.waiting ?? 0" />
    <FindDialog v-model="finding" :site-id="id" />
    <KeysDialog v-model="keys" />
  </div>
</template>

<style scoped>
main.frame {
  flex: 1;
  min-height: 0;
  outline: none;
}
</style>
