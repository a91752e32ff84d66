<script setup lang="ts">
import type { Schemas } from '../../api'
import { useSite } from '../../shared'
import SettingLine from './SettingLine.vue'
import SettingText from './SettingText.vue'
import { approvals, depths, orders, votes, writers, yesNo } from './choices'
import { t } from '../texts'

/**
 * Everything a layer may say about how comments are taken, but for whether they are on. Words are looked for by rules;
 * those a layer still has from before stay to be seen and taken out.
 */
const own = defineModel<Schemas['CommentSettings']>({ required: true })
const props = defineProps<{ outside: Schemas['CommentSettings']; from: string; problems: Record<string, string[]> }>()
const { id } = useSite()
const problem = (name: string) => props.problems[`settings.${name}`]?.[0] ?? props.problems[name]?.[0]
</script>

<template>
  <h2 class="group">{{ t('commentingModeration') }}</h2>
  <SettingLine
    v-model="own.writers"
    :label="t('whoCanComment')"
    :hint="t('confirmedCommentsHeldUntil')"
    :outside="outside.writers!"
    :from="from"
    :choices="writers"
  />
  <SettingText
    v-if="(own.writers ?? outside.writers) === 'named'"
    v-model="own.namedReaders"
    :label="t('emailAddressesInvitedCommenters')"
    :hint="t('onePerLine')"
    :outside="outside.namedReaders!"
    :from="from"
    :problem="problem('namedReaders')"
  />
  <SettingLine
    v-model="own.needsMail"
    :label="t('emailAddressRequired')"
    :hint="t('neverShown')"
    :outside="outside.needsMail!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.allowsAnonymous"
    :label="t('nameOptional')"
    :outside="outside.allowsAnonymous!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.approval"
    :label="t('holdModeration')"
    :hint="t('rulesTakePrecedence')"
    :outside="outside.approval!"
    :from="from"
    :choices="approvals"
  />
  <SettingText
    v-if="own.heldWords?.length"
    v-model="own.heldWords"
    :label="t('holdCommentsContaining')"
    :hint="t('onePerLineMatches')"
    :outside="outside.heldWords!"
    :from="from"
    :problem="problem('heldWords')"
  />
  <SettingText
    v-if="own.refusedWords?.length"
    v-model="own.refusedWords"
    :label="t('rejectCommentsContaining')"
    :hint="t('commenterSeesMessageCan')"
    :outside="outside.refusedWords!"
    :from="from"
    :problem="problem('refusedWords')"
  />
  <SettingLine
    v-model="own.reportsToWait"
    :label="t('holdAfterManyReports')"
    :hint="t('n0NeverAfterPublish')"
    :outside="outside.reportsToWait!"
    :from="from"
    :unit="t('reports2')"
    :least="0"
    :most="1000"
  />
  <p class="soft small mt-3">
    {{ t('wordsAreRules') }} <router-link class="link" :to="`/s/${id}/comments/rules`">{{ t('rules') }}</router-link>
  </p>
  <h2 class="group">{{ t('displayInteraction') }}</h2>
  <SettingLine v-model="own.votes" :label="t('voting')" :outside="outside.votes!" :from="from" :choices="votes" />
  <SettingText
    v-model="own.reactions"
    kind="line"
    :label="t('reactions')"
    :hint="t('upEightEmojiSeparated')"
    placeholder="★ ☾ ♥"
    :outside="outside.reactions!"
    :from="from"
    :problem="problem('reactions')"
  />
  <SettingLine
    v-model="own.asksRating"
    :label="t('askRating15')"
    :hint="t('productServiceAverageDistribution')"
    :outside="outside.asksRating!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.allowsPictures"
    :label="t('allowPictures')"
    :hint="t('locationCameraDataRemoved')"
    :outside="outside.allowsPictures!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.showsFaces"
    :label="t('showWriterPictures')"
    :hint="t('initialsOrAuthorPicture')"
    :outside="outside.showsFaces!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.takesMentions"
    :label="t('showMentionsFromOther')"
    :hint="t('mentionsAppearCommentsAfter')"
    :outside="outside.takesMentions!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.order"
    :label="t('defaultOrder')"
    :hint="t('readersCanChangeBest')"
    :outside="outside.order!"
    :from="from"
    :choices="orders"
  />
  <SettingLine v-model="own.depth" :label="t('replyLevels')" :outside="outside.depth!" :from="from" :choices="depths" />
  <SettingLine
    v-model="own.shownFirst"
    :label="t('commentsPerPage')"
    :hint="t('othersOpenFromShow')"
    :outside="outside.shownFirst!"
    :from="from"
    :unit="t('comments2')"
    :least="5"
    :most="200"
  />
  <SettingLine
    v-model="own.editMinutes"
    :label="t('editingTimeMinutes')"
    :hint="t('sameDevice0No')"
    :outside="outside.editMinutes!"
    :from="from"
    :unit="t('minutes')"
    :least="0"
    :most="1440"
  />
  <SettingText
    v-model="own.message"
    :label="t('textAboveForm')"
    :placeholder="t('kindWeReadEverything')"
    :outside="outside.message!"
    :from="from"
    :problem="problem('message')"
  />
  <SettingText
    v-model="own.houseRules"
    :label="t('communityGuidelines')"
    :hint="t('opensAboveForm')"
    :outside="outside.houseRules!"
    :from="from"
    :problem="problem('houseRules')"
  />
  <SettingText
    v-model="own.language"
    kind="line"
    :label="t('language')"
    :hint="t('languageButtonsMessagesE')"
    :outside="outside.language!"
    :from="from"
  />
  <h2 class="group">{{ t('closing') }}</h2>
  <SettingLine
    v-model="own.closeAfterDays"
    :label="t('closeAfterDays')"
    :hint="t('daysAfterPostWas')"
    :outside="outside.closeAfterDays!"
    :from="from"
    :unit="t('days')"
    :least="0"
    :most="3650"
  />
  <SettingText
    v-model="own.closeAt"
    kind="time"
    :label="t('closeOn')"
    :hint="t('siteTimeZoneLeave')"
    :outside="outside.closeAt!"
    :from="from"
    :problem="problem('closeAt')"
  />
  <SettingText
    v-model="own.closedReason"
    :label="t('messageWhenClosed')"
    :placeholder="t('seasonOverSeeSeptember')"
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
