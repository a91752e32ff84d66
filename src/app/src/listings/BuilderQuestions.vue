<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import LayoutChoice from './LayoutChoice.vue'
import QuestionPart from './QuestionPart.vue'

const listing = defineModel<Schemas['ListingRequest']>({ required: true })
const props = defineProps<{
  blogs: Schemas['BlogView'][]
  fitting: number | undefined
  fields: Record<string, string[]>
  siteAddress: string
  readonly: boolean
}>()
const definition = computed(() => listing.value.definition)
const details = [
  ['picture', 'Picture'],
  ['excerpt', 'Excerpt'],
  ['date', 'Date'],
  ['author', 'Author'],
  ['category', 'Category'],
] as const
const chosen = computed(
  () =>
    props.blogs
      .filter((blog) => definition.value.blogs.includes(blog.id))
      .map((blog) => blog.name)
      .join(', ') || 'none yet',
)
const shown = computed(() => ['title', ...details.filter(([name]) => definition.value.details[name]).map(([, label]) => label.toLowerCase())].join(', '))
const where = computed(() => listing.value.pageAddress ?? props.siteAddress)

function toggle(blog: number): void {
  const blogs = definition.value.blogs
  definition.value.blogs = blogs.includes(blog) ? blogs.filter((one) => one !== blog) : [...blogs, blog]
}

function count(by: number): void {
  definition.value.count = Math.min(50, Math.max(1, definition.value.count + by))
}
</script>

<template>
  <fieldset :disabled="props.readonly">
    <QuestionPart title="Which posts?" :answer="chosen">
      <div class="chips">
        <button
          v-for="blog in props.blogs"
          :key="blog.id"
          type="button"
          class="chip"
          :class="{ on: definition.blogs.includes(blog.id) }"
          :aria-pressed="definition.blogs.includes(blog.id)"
          @click="toggle(blog.id)"
        >
          {{ blog.name }}
        </button>
      </div>
      <p v-if="definition.blogs.length === 0 || props.fields['definition.blogs']" class="m small" role="alert">Choose at least one blog.</p>
    </QuestionPart>
    <QuestionPart title="How many, in what order?" :answer="props.fitting === undefined ? '' : `${props.fitting} fit`">
      <div class="line">
        <label for="count">Show</label
        ><span class="num"
          ><button type="button" aria-label="One fewer" @click="count(-1)">−</button
          ><input id="count" v-model.number="definition.count" type="number" min="1" max="50" /><button type="button" aria-label="One more" @click="count(1)">
            +
          </button></span
        >
      </div>
      <p v-if="props.fields['definition.count']" class="m small" role="alert">{{ props.fields['definition.count'][0] }}</p>
      <div class="line">
        <span>Order</span
        ><span class="chips"
          ><button
            v-for="order in ['newest', 'oldest'] as const"
            :key="order"
            type="button"
            class="chip"
            :class="{ on: definition.order === order }"
            :aria-pressed="definition.order === order"
            @click="definition.order = order"
          >
            {{ order === 'newest' ? 'Newest' : 'Oldest' }}
          </button></span
        >
      </div>
    </QuestionPart>
    <QuestionPart title="What does an entry show?" :answer="shown">
      <div class="chips">
        <button
          v-for="[name, label] in details"
          :key="name"
          type="button"
          class="chip"
          :class="{ on: definition.details[name] }"
          :aria-pressed="definition.details[name]"
          @click="definition.details[name] = !definition.details[name]"
        >
          {{ label }}
        </button>
      </div>
    </QuestionPart>
    <QuestionPart title="How does it look?" answer="in the look of the page">
      <LayoutChoice v-model="definition.layout" />
      <v-text-field
        v-model="definition.heading"
        class="mt-3"
        density="compact"
        label="Heading above it"
        clearable
        :error-messages="props.fields['definition.heading']"
      />
    </QuestionPart>
    <QuestionPart title="Where does it go?" :answer="where.replace(/^https?:\/\//, '')">
      <v-text-field
        :model-value="listing.pageAddress"
        density="compact"
        label="Address of the page"
        :placeholder="props.siteAddress"
        :error-messages="props.fields.pageAddress"
        @change="listing.pageAddress = ($event.target as HTMLInputElement).value.trim() || null"
      />
      <v-text-field v-model="listing.name" class="mt-3" density="compact" label="Name, for the team" :error-messages="props.fields.name" />
    </QuestionPart>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
}
.line {
  display: grid;
  grid-template-columns: 90px 1fr;
  align-items: center;
  font-size: 14.5px;
  margin-bottom: 8px;
}
.line > :first-child {
  color: var(--soft);
}
.num {
  display: inline-flex;
  border: 1px solid var(--rule);
  border-radius: 5px;
  background: var(--sheet);
  width: max-content;
}
.num input {
  width: 52px;
  border: 0;
  background: none;
  color: inherit;
  text-align: center;
  font: 600 15px var(--sans);
  appearance: textfield;
}
.num input::-webkit-inner-spin-button {
  appearance: none;
}
.num button {
  border: 0;
  background: none;
  padding: 3px 11px;
  cursor: pointer;
  color: var(--soft);
}
</style>
