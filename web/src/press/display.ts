import type { Schemas } from '@/api/client'
import type { TemperatureUnit } from '@/quantity/units'

type Say = (key: string, named?: Record<string, unknown>) => string

/** How far a press's display is from its platen, in words. */
export function difference(calibration: Schemas['Calibration'], unit: TemperatureUnit, say: Say): string {
  if (!calibration.measured) return say('presses.unmeasured')
  const size = Math.round(Math.abs(calibration.readsHigh) * (unit === '°F' ? 1.8 : 1))
  if (size === 0) return say('presses.right')
  return say(calibration.readsHigh > 0 ? 'presses.high' : 'presses.low', { n: `${size} ${unit}` })
}
