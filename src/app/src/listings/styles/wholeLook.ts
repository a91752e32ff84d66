import type { Schemas } from '../../api'
import { t } from '../texts'

/** A look with every part there; the API lets those out that say nothing. */
export type WholeLook = Required<Schemas['ListingLook']>

const colours = (): Schemas['LookColours'] => ({
  background: null,
  text: null,
  heading: null,
  link: null,
  byline: null,
  accent: null,
  line: null,
})
const type = (): Schemas['PartType'] => ({ family: null, size: null, weight: null })

/** Fills in what a look leaves out: everything is then the page's own. */
export function wholeLook(look: Schemas['ListingLook'] = {}): WholeLook {
  return {
    theme: 'host',
    width: null,
    height: null,
    padding: null,
    gapAcross: null,
    gapDown: null,
    border: null,
    radius: null,
    shadow: 'none',
    separator: 'byLayout',
    separatorPicture: null,
    css: null,
    ...look,
    colours: { ...colours(), ...look.colours },
    darkColours: { ...colours(), ...look.darkColours },
    headingType: { ...type(), ...look.headingType },
    titleType: { ...type(), ...look.titleType },
    bylineType: { ...type(), ...look.bylineType },
    excerptType: { ...type(), ...look.excerptType },
  }
}

/** How much of a look is its own, in words. */
export function lookSummary(look: WholeLook): string {
  const own = [
    ...Object.values(look.colours),
    ...(look.theme === 'host' ? [] : Object.values(look.darkColours)),
    ...[look.headingType, look.titleType, look.bylineType, look.excerptType].flatMap((part) => Object.values(part)),
    look.width,
    look.height,
    look.padding,
    look.gapAcross,
    look.gapDown,
    look.border,
    look.radius,
    look.css,
  ].filter((value) => value !== null).length
  const theme = { host: '', light: 'light', dark: 'dark', reader: t('lightDarkByVisitors') }[look.theme]
  if (own === 0 && !theme) return t('matchesPage')
  return [theme, own ? t('ownCustomised', { own }) : ''].filter(Boolean).join(', ')
}
