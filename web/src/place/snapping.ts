import type { LengthUnit } from '@/quantity/units'
import { middle, type Area } from './area'

/** How near a hand has to come for a line to catch it, mm. */
const CATCHES = 6

/** Round steps of the hand: five millimetres, or a quarter of an inch. */
export const step = (unit: LengthUnit) => (unit === 'inch' ? 25.4 / 4 : 5)

/**
 * Where a dragged thing comes to lie: its middle on the centre line or on a line of another thing where
 * it is near, else on a round offset.
 *
 * @param others whose middles and upper edges catch it
 */
export function snapped(area: Area, others: Area[], unit: LengthUnit): Area {
  const round = (mm: number) => Math.round(mm / step(unit)) * step(unit)
  const centres = [0, ...others.map(middle)]
  const tops = others.map(({ y }) => y)
  const caught = (at: number, lines: number[]) =>
    lines
      .filter((line) => Math.abs(line - at) <= CATCHES)
      .sort((a, b) => Math.abs(a - at) - Math.abs(b - at))[0] ?? round(at)
  return { ...area, x: caught(middle(area), centres) - area.width / 2, y: caught(area.y, tops) }
}
