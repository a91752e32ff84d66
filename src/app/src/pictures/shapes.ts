/** A shape to cut pictures to: width by height; without one, any. */
export interface Shape {
  name: string
  ratio: number | undefined
}

/** The card that networks show: 1200 by 630 pixels. */
export const networkCard: Shape = { name: 'Social preview (1.91 : 1)', ratio: 1200 / 630 }

/** Shapes offered. */
export const shapes: Shape[] = [
  { name: 'Free', ratio: undefined },
  { name: '16 to 9', ratio: 16 / 9 },
  { name: '4 to 3', ratio: 4 / 3 },
  { name: 'Square', ratio: 1 },
  { name: '3 to 4', ratio: 3 / 4 },
  networkCard,
]

/** Whether an address is a picture's of a library, which can be cut. */
export const isOfLibrary = (address: string | null | undefined) =>
  /\/pictures\/[a-z0-9]+\/w\d+\.webp$/i.test(address ?? '')
