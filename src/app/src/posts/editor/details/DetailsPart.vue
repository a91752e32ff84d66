<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../../api'
import { FocusPoint, isOfLibrary, PicturePicker } from '../../../pictures'
import PictureUses from './PictureUses.vue'
import { t } from '../../texts'
import { TermHelp } from '../../../shared'

/** What is said about the post itself. */
const post = defineModel<Schemas['PostRequest']>({ required: true })
const props = defineProps<{
  siteId: number
  blogs: Schemas['BlogView'][]
  terms: Schemas['TermsView'] | undefined
  suggested: string[]
  fields: Record<string, string[]>
  readonly: boolean
}>()
const picking = ref(false)
const isOurs = computed(() => isOfLibrary(post.value.pictureAddress))

function take([picture]: Schemas['PictureView'][]): void {
  if (picture)
    Object.assign(post.value, {
      pictureAddress: picture.address,
      pictureAlt: picture.alt,
      focusX: picture.focusX,
      focusY: picture.focusY,
    })
}
</script>

<template>
  <div class="details">
    <v-select
      v-if="!props.readonly && props.blogs.length > 1"
      v-model="post.blogId"
      :items="props.blogs"
      item-title="name"
      item-value="id"
      :label="t('blog')"
      :error-messages="props.fields.blogId"
    />
    <v-combobox
      v-model="post.category"
      :items="props.terms?.categories ?? []"
      :label="t('category')"
      :readonly="props.readonly"
      :error-messages="props.fields.category"
    />
    <v-combobox
      v-if="post.category || post.moreCategories?.length"
      v-model="post.moreCategories"
      :label="t('moreCategories')"
      multiple
      chips
      closable-chips
      hide-selected
      :items="(props.terms?.categories ?? []).filter((name) => name !== post.category)"
      :readonly="props.readonly"
      :error-messages="props.fields.moreCategories"
    />
    <div>
      <v-combobox
        v-model="post.tags"
        :label="t('tags')"
        multiple
        chips
        closable-chips
        hide-selected
        :items="props.terms?.tags ?? []"
        :readonly="props.readonly"
        :error-messages="props.fields.tags"
      />
      <p v-if="props.suggested.length && !props.readonly" class="small soft chips suggested">
        {{ t('suggested') }}
        <button
          v-for="tag in props.suggested"
          :key="tag"
          type="button"
          class="chip"
          @click="post.tags = [...(post.tags ?? []), tag]"
        >
          + {{ tag }}
        </button>
      </p>
    </div>
    <div class="pair">
      <v-switch v-model="post.isFeatured" :label="t('featured')" :readonly="props.readonly" />
      <v-switch v-model="post.isPinned" :label="t('pinned')" :readonly="props.readonly" />
    </div>
    <v-textarea
      v-model="post.excerpt"
      :label="t('excerpt')"
      :hint="t('emptyStartTextUsed')"
      rows="2"
      :readonly="props.readonly"
      :error-messages="props.fields.excerpt"
    >
      <template #append-inner><TermHelp term="excerpt" /></template>
    </v-textarea>
    <v-combobox
      v-model="post.author"
      :items="props.terms?.authors ?? []"
      :label="t('author')"
      :placeholder="t('text2')"
      :readonly="props.readonly"
    />
    <div v-if="!props.readonly" class="row">
      <button type="button" class="chip" @click="picking = true">
        {{ post.pictureAddress ? t('changePicture') : t('choosePicture') }}
      </button>
      <button
        v-if="post.pictureAddress"
        type="button"
        class="link quiet"
        @click="Object.assign(post, { pictureAddress: null, pictureAlt: null })"
      >
        {{ t('removePicture') }}
      </button>
    </div>
    <v-text-field
      v-if="!isOurs"
      v-model="post.pictureAddress"
      :label="t('pictureAddress')"
      :readonly="props.readonly"
      :error-messages="props.fields.pictureAddress"
    />
    <v-text-field
      v-if="post.pictureAddress"
      v-model="post.pictureAlt"
      :label="t('descriptionAltText')"
      :readonly="props.readonly"
    >
      <template #append-inner><TermHelp term="altText" /></template>
    </v-text-field>
    <FocusPoint
      v-if="post.pictureAddress"
      v-model:x="post.focusX!"
      v-model:y="post.focusY!"
      :picture="post.pictureAddress"
      :readonly="props.readonly"
    />
    <PictureUses
      v-if="post.pictureAddress || post.details?.socialPicture"
      v-model="post"
      :site-id="props.siteId"
      :fields="props.fields"
      :readonly="props.readonly"
    />
    <v-text-field
      v-model="post.aboutAddress"
      :label="t('sourceLink')"
      :readonly="props.readonly"
      :error-messages="props.fields.aboutAddress"
    />
    <v-text-field
      v-model="post.slug"
      :label="t('slug')"
      :placeholder="t('fromTitle')"
      :readonly="props.readonly"
      :error-messages="props.fields.slug"
    >
      <template #append-inner><TermHelp term="slug" /></template>
    </v-text-field>
    <PicturePicker v-if="picking" v-model="picking" :site-id="props.siteId" :title="post.title" @chosen="take" />
  </div>
</template>

<style scoped>
.details {
  display: grid;
  gap: 12px;
  padding: 14px 0 10px;
}
.pair {
  display: flex;
  gap: 14px;
}
.suggested {
  margin: 6px 0 0;
  align-items: center;
}
.suggested .chip {
  padding: 1px 7px;
}
</style>
