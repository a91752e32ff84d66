<script setup lang="ts">
import { computed, watch } from 'vue'
import { lineOf } from '../../api'
import { AskButton, CopyButton, PageTitle, useQueryValue, useSite } from '../../shared'
import ReaderTabs from '../ReaderTabs.vue'
import FormFields from './FormFields.vue'
import { useSignUpForm } from './useSignUpForm'
import { t } from '../texts'

const { id, mayEdit } = useSite()
const picked = useQueryValue('form')
const forms = useSignUpForm(() => id.value)
const { list, draft, act, html } = forms
const current = computed(() => list.data.value?.find((one) => String(one.id) === picked.value))
const shapes = { inline: t('inThePage'), bar: t('barFoot'), panel: t('slidePanel') }
watch([current, picked], () => forms.begin(current.value), { immediate: true })

const page = computed(
  () =>
    `<!doctype html><meta name="viewport" content="width=device-width"><body style="font:17px/1.55 Georgia,serif;margin:24px;color:#222;background:#fff"><p style="color:#999">Your page, in its own type.</p>${html.value}`,
)

async function save(): Promise<void> {
  const saved = await forms.save(current.value?.id)
  if (saved) picked.value = String(saved)
}

async function remove(): Promise<void> {
  if (current.value && (await forms.remove(current.value.id))) picked.value = ''
}
</script>

<template>
  <PageTitle :title="t('signUpForms')"
    ><template #state>{{ t('signUpsConfirmedBy') }}</template
    ><template v-if="mayEdit" #act
      ><v-btn @click="picked = 'new'">{{ t('newForm') }}</v-btn></template
    ></PageTitle
  >
  <ReaderTabs />
  <p v-if="list.error.value" class="work trouble" role="alert">{{ lineOf(list.error.value) }}</p>
  <p v-else-if="list.isPending.value" class="work waiting">{{ t('readingForms') }}</p>
  <div v-else class="work split">
    <nav class="list" :class="{ away: picked }" :aria-label="t('signUpForms')">
      <div v-if="list.data.value?.length === 0" class="empty">
        <h2>{{ t('noFormYet') }}</h2>
        <p>{{ t('createOnePasteIts') }}</p>
      </div>
      <button
        v-for="one in list.data.value"
        :key="one.id"
        class="line"
        :class="{ on: picked === String(one.id) }"
        @click="picked = String(one.id)"
      >
        <b>{{ one.name }}</b><small class="soft"
          >{{ shapes[one.settings.shape] }}; {{ t('signUps', { came: one.came }) }}</small
        >
      </button>
    </nav>
    <template v-if="picked">
      <section class="fields">
        <button class="link quiet back" @click="picked = ''">{{ t('allForms') }}</button>
        <FormFields v-model="draft" :site-id="id" :problems="act.fields.value" :version="current?.consentVersion" />
        <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
        <div v-if="mayEdit" class="row acts">
          <v-btn :loading="act.running.value" @click="save">{{ current ? t('save') : t('createForm') }}</v-btn>
          <AskButton
            v-if="current"
            class="link quiet"
            :title="t('deleteFormAsk', { name: current.name })"
            :text="t('deleteFormMeans')"
            :button="t('deleteForm')"
            :act="remove"
            >{{ t('deleteForm') }}</AskButton
          >
        </div>
      </section>
      <section class="seen">
        <h2 class="group">{{ t('preview') }}</h2>
        <iframe sandbox="" :srcdoc="page" :title="t('formPage')" />
        <template v-if="current">
          <h2 class="group">{{ t('pasteWhereFormShould') }}</h2>
          <pre tabindex="0">{{ current.snippet }}</pre>
          <p>
            <CopyButton :text="current.snippet" :label="t('copySnippet')" />
            <span class="small soft">{{ t('laterChangesApplyAutomatically') }}</span>
          </p>
        </template>
      </section>
    </template>
  </div>
</template>

<style scoped>
.list {
  width: 290px;
  flex: none;
  padding: 6px 0 40px;
}
.line {
  width: 100%;
  display: grid;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--hair);
  padding: 10px 24px;
  cursor: pointer;
}
.line.on {
  background: var(--sheet);
  box-shadow: inset 4px 0 0 var(--verdigris);
}
.empty {
  padding: 10px 24px;
}
.fields {
  width: 410px;
  flex: none;
  background: var(--sheet);
  border-left: 1px solid var(--rule);
  border-right: 1px solid var(--rule);
  padding: 16px 26px 60px;
}
.seen {
  flex: 1;
  min-width: 0;
  padding: 10px 28px 60px;
}
iframe {
  width: 100%;
  height: 380px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: #fff;
}
pre {
  max-height: 220px;
  overflow: auto;
  font-size: 12.5px;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 6px;
  padding: 12px;
}
.acts {
  gap: 8px;
  margin-top: 14px;
}
.back {
  display: none;
}
@media (max-width: 860px) {
  .list,
  .fields {
    width: auto;
    border: 0;
  }
  .list.away {
    display: none;
  }
  .fields,
  .seen {
    padding: 14px 16px 30px;
  }
  .back {
    display: block;
    margin-bottom: 14px;
  }
}
</style>
