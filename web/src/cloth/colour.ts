const HUES: Record<string, [hue: number, saturation: number]> = {
  NEUTRAL: [30, 4],
  RED: [355, 55],
  ORANGE: [25, 65],
  YELLOW: [46, 70],
  GREEN: [150, 35],
  BLUE: [225, 42],
  PURPLE: [290, 32],
  BROWN: [25, 35],
}

const LIGHTNESS: Record<string, number> = { WHITE: 97, LIGHT: 80, MEDIUM: 52, DARK: 30 }

/** A drawing colour for a cloth of this depth and hue. */
export function clothColour(depth: string, hue: string): string {
  if (depth === 'WHITE') return '#fdfcfa'
  const [h, s] = HUES[hue] ?? HUES.NEUTRAL!
  return `hsl(${h} ${s}% ${LIGHTNESS[depth] ?? 52}%)`
}

/** Ink that can be read on it. */
export function inkOn(depth: string): string {
  return depth === 'DARK' || depth === 'MEDIUM' ? '#ffffff' : '#2b1a29'
}
