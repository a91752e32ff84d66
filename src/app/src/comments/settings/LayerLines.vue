<script setup lang="ts">
import type { Schemas } from '../../api'
import SettingLine from './SettingLine.vue'
import SettingText from './SettingText.vue'
import { approvals, depths, orders, votes, writers, yesNo } from './choices'

/** Everything a layer may say about how comments are taken, but for whether they are on. */
const own = defineModel<Schemas['CommentSettings']>({ required: true })
const props = defineProps<{ outside: Schemas['CommentSettings']; from: string; problems: Record<string, string[]> }>()
const problem = (name: string) => props.problems[`settings.${name}`]?.[0] ?? props.problems[name]?.[0]
</script>

<template>
  <h2 class="group">Commenting and moderation</h2>
  <SettingLine
    v-model="own.writers"
    label="Who can comment"
    hint="Confirmed: comments are held until the commenter confirms by email."
    :outside="outside.writers!"
    :from="from"
    :choices="writers"
  />
  <SettingText
    v-if="(own.writers ?? outside.writers) === 'named'"
    v-model="own.namedReaders"
    label="Email addresses of invited commenters"
    hint="One per line."
    :outside="outside.namedReaders!"
    :from="from"
    :problem="problem('namedReaders')"
  />
  <SettingLine
    v-model="own.needsMail"
    label="Email address required"
    hint="It is never shown."
    :outside="outside.needsMail!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.allowsAnonymous"
    label="Name is optional"
    :outside="outside.allowsAnonymous!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.approval"
    label="Hold for moderation"
    hint="Rules take precedence."
    :outside="outside.approval!"
    :from="from"
    :choices="approvals"
  />
  <SettingText
    v-model="own.heldWords"
    label="Hold comments containing"
    hint="One per line. * matches any letters."
    :outside="outside.heldWords!"
    :from="from"
    :problem="problem('heldWords')"
  />
  <SettingText
    v-model="own.refusedWords"
    label="Reject comments containing"
    hint="The commenter sees a message and can edit the text."
    :outside="outside.refusedWords!"
    :from="from"
    :problem="problem('refusedWords')"
  />
  <SettingLine
    v-model="own.reportsToWait"
    label="Hold after this many reports"
    hint="0 = never. After you publish it again, the number doubles."
    :outside="outside.reportsToWait!"
    :from="from"
    unit="reports"
    :least="0"
    :most="1000"
  />
  <h2 class="group">Display and interaction</h2>
  <SettingLine v-model="own.votes" label="Voting" :outside="outside.votes!" :from="from" :choices="votes" />
  <SettingText
    v-model="own.reactions"
    kind="line"
    label="Reactions"
    hint="Up to eight emoji, separated by spaces. Leave empty for none."
    placeholder="★ ☾ ♥"
    :outside="outside.reactions!"
    :from="from"
    :problem="problem('reactions')"
  />
  <SettingLine
    v-model="own.asksRating"
    label="Ask for a rating of 1 to 5"
    hint="For a product or a service. Average and distribution are shown above the comments and to search engines."
    :outside="outside.asksRating!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.allowsPictures"
    label="Allow pictures"
    hint="Location and camera data are removed. Held for moderation unless the commenter is trusted."
    :outside="outside.allowsPictures!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.takesMentions"
    label="Show mentions from other sites"
    hint="Mentions appear with the comments after approval."
    :outside="outside.takesMentions!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.order"
    label="Default order"
    hint="Readers can change it. “Best” weighs votes by how many there are."
    :outside="outside.order!"
    :from="from"
    :choices="orders"
  />
  <SettingLine v-model="own.depth" label="Reply levels" :outside="outside.depth!" :from="from" :choices="depths" />
  <SettingLine
    v-model="own.shownFirst"
    label="Comments per page"
    hint="The others open from “Show more comments”."
    :outside="outside.shownFirst!"
    :from="from"
    unit="comments"
    :least="5"
    :most="200"
  />
  <SettingLine
    v-model="own.editMinutes"
    label="Editing time (minutes)"
    hint="On the same device. 0 = no editing. Commenters can always delete their comment."
    :outside="outside.editMinutes!"
    :from="from"
    unit="minutes"
    :least="0"
    :most="1440"
  />
  <SettingText
    v-model="own.message"
    label="Text above the form"
    placeholder="Be kind; we read everything before dawn."
    :outside="outside.message!"
    :from="from"
    :problem="problem('message')"
  />
  <SettingText
    v-model="own.houseRules"
    label="Community guidelines"
    hint="Opens above the form."
    :outside="outside.houseRules!"
    :from="from"
    :problem="problem('houseRules')"
  />
  <SettingText
    v-model="own.language"
    kind="line"
    label="Language"
    hint="Language of buttons and messages, e.g. en. Leave empty for the site’s language."
    :outside="outside.language!"
    :from="from"
  />
  <h2 class="group">Closing</h2>
  <SettingLine
    v-model="own.closeAfterDays"
    label="Close after (days)"
    hint="Days after a post was published; 0 for never."
    :outside="outside.closeAfterDays!"
    :from="from"
    unit="days"
    :least="0"
    :most="3650"
  />
  <SettingText
    v-model="own.closeAt"
    kind="time"
    label="Close on"
    hint="Site time zone. Leave empty for never."
    :outside="outside.closeAt!"
    :from="from"
    :problem="problem('closeAt')"
  />
  <SettingText
    v-model="own.closedReason"
    label="Message when closed"
    placeholder="The season is over; see you in September."
    :outside="outside.closedReason!"
    :from="from"
    :problem="problem('closedReason')"
  />
</template>

<style scoped>
.group {
  margin-top: 26px;
}
</style>
