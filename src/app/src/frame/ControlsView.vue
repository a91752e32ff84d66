<script setup lang="ts">
import { ref } from 'vue'
import { DangerButton, DefaultLine, ManyOf, NumberLine, OneOf, PageTitle, TickChip, useNotice } from '../shared'
import { t } from './texts'

/** Every control there is, for whoever builds or judges a screen. What a screen needs and is not here, does not exist. */
const order = ref('newest')
const standing = ref('waiting')
const layout = ref('lines')
const going = ref('keep')
const days = ref<string[]>(['mon', 'thu'])
const only = ref(false)
const on = ref(true)
const count = ref<number | null>(5)
const isOwn = ref(false)
const own = ref('newest')
const { say } = useNotice()
const orders = [
  ['newest', t('newestFirst')],
  ['oldest', t('oldestFirst')],
  ['title', t('byTitle')],
] as const
const standings = [
  ['waiting', t('waiting'), 12],
  ['public', t('public'), 340],
  ['spam', t('spam'), 3],
] as const
const layouts = ['lines', 'columns', 'rows', 'bricks', 'zigzag', 'carousel'].map((one) => [one, one] as const)
const week = [
  ['mon', t('monday')],
  ['thu', t('thursday')],
  ['sat', t('saturday')],
] as const
const colours = [
  ['verdigris', t('colourChosen')],
  ['madder', t('colourDanger')],
  ['ochre', t('colourWaits')],
  ['ink', t('colourOrdinary')],
] as const
</script>

<template>
  <PageTitle :title="t('controls')"
    ><template #state>{{ t('controlsAbout') }}</template></PageTitle
  >
  <div class="work all">
    <section>
      <h2 class="group">{{ t('oneOf') }}</h2>
      <p class="soft small">{{ t('oneOfAbout') }}</p>
      <OneOf v-model="order" :label="t('order')" :choices="orders" />
      <OneOf v-model="standing" :label="t('status')" :choices="standings" />
      <OneOf v-model="layout" :label="t('layout')" :choices="layouts" />
      <p class="soft small">{{ t('oneOfMeansAbout') }}</p>
      <v-radio-group v-model="going" hide-details :aria-label="t('oneOf')">
        <v-radio value="keep" :label="t('keepPosts')" /><v-radio value="drop" :label="t('removePosts')" />
      </v-radio-group>
    </section>
    <section>
      <h2 class="group">{{ t('manyOf') }}</h2>
      <p class="soft small">{{ t('manyOfAbout') }}</p>
      <ManyOf v-model="days" :label="t('manyOf')" :choices="week" />
      <TickChip v-model="only">{{ t('withPicture') }}</TickChip>
    </section>
    <section>
      <h2 class="group">{{ t('onOff') }}</h2>
      <p class="soft small">{{ t('onOffAbout') }}</p>
      <v-switch v-model="on" :label="t('holdNewComments')" />
    </section>
    <section>
      <h2 class="group">{{ t('numbersTexts') }}</h2>
      <div class="number">
        <NumberLine v-model="count" :label="t('entries')" name="controls-count" :min="1" :max="50" />
      </div>
      <v-text-field :label="t('title')" :error-messages="t('exampleError')" />
    </section>
    <section class="wide">
      <h2 class="group">{{ t('defaultOwn') }}</h2>
      <p class="soft small">{{ t('defaultOwnAbout') }}</p>
      <DefaultLine
        :label="t('order')"
        :is-own="isOwn"
        :from="t('site')"
        :shown="t('newestFirst')"
        @toggle="isOwn = $event"
      >
        <OneOf v-model="own" :label="t('order')" :choices="orders" />
      </DefaultLine>
    </section>
    <section>
      <h2 class="group">{{ t('buttons') }}</h2>
      <p class="soft small">{{ t('buttonsAbout') }}</p>
      <div class="row">
        <v-btn @click="say(t('saved'), async () => {})">{{ t('mainAct') }}</v-btn><v-btn variant="outlined">{{
          t('otherAct')
        }}</v-btn
        ><v-btn variant="text">{{ t('cancel') }}</v-btn
        ><DangerButton>{{ t('removeForGood') }}</DangerButton>
      </div>
      <div class="row">
        <v-btn disabled>{{ t('mainAct') }}</v-btn><button type="button" class="chip">{{ t('smallAct') }}</button
        ><button type="button" class="link">{{ t('actInText') }}</button>
      </div>
    </section>
    <section>
      <h2 class="group">{{ t('notices') }}</h2>
      <p class="hint">{{ t('noticeHint') }}</p>
      <p class="trouble">{{ t('noticeTrouble') }}</p>
    </section>
    <section>
      <h2 class="group">{{ t('colours') }}</h2>
      <ul>
        <li v-for="[name, words] in colours" :key="name"><i :style="{ background: `var(--${name})` }" />{{ words }}</li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.all {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 26rem), 1fr));
  gap: 28px 56px;
  align-items: start;
}
section {
  display: grid;
  gap: 14px;
  justify-items: start;
}
section > .group,
section > .v-input,
section > .trouble,
section > .hint,
section > .setting {
  width: 100%;
  margin: 0;
}
.row {
  gap: 10px;
}
.number :deep(.line) {
  display: flex;
  gap: 14px;
  align-items: center;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
}
i {
  width: 18px;
  height: 18px;
  border-radius: 4px;
  flex: none;
}
</style>
