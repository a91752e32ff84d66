import type { Schemas } from '../../api'

/** The settings of a channel, each with a value. */
export type WholeSettings = Required<Schemas['ChannelSettings']> & {
  timing: Required<Schemas['ChannelTiming']> & { slots: Schemas['Slot'][] }
  pace: Required<Schemas['ChannelPace']>
}

const defaults = (): WholeSettings => ({
  address: '',
  choice: { blogs: [], categories: [], tags: [], authors: [], featuredOnly: false },
  when: 'atOnce',
  timing: { delayMinutes: 60, slots: [], quietFrom: null, quietUntil: null, spacingMinutes: 0 },
  template: '{title}\n\n{excerpt}\n\n{link} {tags}',
  count: { limit: 500, linkCost: 23 },
  variants: [],
  protocol: 'micropub',
  account: '',
  pace: { most: 0, minutes: 60 },
  withPicture: true,
  extent: 'whole',
  followsChanges: true,
  campaignSource: '',
  campaign: '',
  events: [],
})

/** The settings of a channel with the defaults for what it does not say. */
export function wholeSettings(known?: Schemas['ChannelSettings']): WholeSettings {
  const settings = { ...defaults(), ...(JSON.parse(JSON.stringify(known ?? {})) as Partial<WholeSettings>) }
  return { ...settings, timing: { ...defaults().timing, ...settings.timing, slots: settings.timing.slots ?? [] } }
}
