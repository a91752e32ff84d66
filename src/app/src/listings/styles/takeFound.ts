import type { Schemas } from '../../api'
import type { WholeLook } from './wholeLook'

/** A look with values of a page taken over. */
export function takeFound(look: WholeLook, found: Schemas['FoundValue'][]): WholeLook {
  const made = structuredClone(JSON.parse(JSON.stringify(look)) as WholeLook)
  for (const { property, value } of found) taking[property](made, value)
  return made
}

const taking: Record<Schemas['FoundProperty'], (look: WholeLook, value: string) => void> = {
  background: (look, value) => (look.colours.background = value),
  text: (look, value) => (look.colours.text = value),
  heading: (look, value) => (look.colours.heading = value),
  link: (look, value) => (look.colours.link = value),
  accent: (look, value) => (look.colours.accent = value),
  line: (look, value) => (look.colours.line = value),
  textFamily: (look, value) => {
    look.excerptType.family = value
    look.bylineType.family = value
  },
  textSize: (look, value) => (look.excerptType.size = within(value, 8, 96)),
  headingFamily: (look, value) => {
    look.headingType.family = value
    look.titleType.family = value
  },
  headingSize: (look, value) => (look.headingType.size = within(value, 8, 96)),
  headingWeight: (look, value) => {
    look.headingType.weight = within(value, 100, 900)
    look.titleType.weight = within(value, 100, 900)
  },
  radius: (look, value) => (look.radius = within(value, 0, 60)),
  spacing: (look, value) => (look.gapDown = within(value, 0, 120)),
}

function within(value: string, least: number, most: number): number {
  return Math.min(most, Math.max(least, Math.round(Number(value))))
}
