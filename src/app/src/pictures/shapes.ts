import { t } from './texts'

/** A shape to cut pictures to: width by height; without one, any. */
export interface Shape {
  name: string
  ratio: number | undefined
}

/** The card that networks show: 1200 by 630 pixels. */
export const networkCard: Shape = { name: t('socialPreview191'), ratio: 1200 / 630 }

/** Shapes offered. */
export const shapes: Shape[] = [
  { name: t('free'), ratio: undefined },
  { name: t('n169'), ratio: 16 / 9 },
  { name: t('n43'), ratio: 4 / 3 },
  { name: t('square'), ratio: 1 },
  { name: t('n34'), ratio: 3 / 4 },
  networkCard,
]

/** Whether an address is a picture's of a library, which can be cut. */
export const isOfLibrary = (address: string | null | undefined) =>
  /\/pictures\/[a-z0-9]+\/w\d+\.webp$/i.test(address ?? '')
