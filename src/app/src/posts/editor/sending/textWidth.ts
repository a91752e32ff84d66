let canvas: CanvasRenderingContext2D | null = null

/** Widths at which search engines cut, in pixels of a desktop result. */
export const searchWidths = {
  title: { font: '20px Arial, sans-serif', most: 580 },
  description: { font: '14px Arial, sans-serif', most: 920 },
}

/** How wide a text is, in pixels. */
export function textWidth(text: string, font: string): number {
  canvas ??= document.createElement('canvas').getContext('2d')
  if (!canvas) return 0
  canvas.font = font
  return Math.round(canvas.measureText(text).width)
}
