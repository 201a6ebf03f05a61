import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import type { Schemas } from '@/api/client'
import { degrees } from '@/quantity/format'
import type { TemperatureUnit } from '@/quantity/units'

export type Story = Schemas['HeatStory']
export type Curve = Schemas['Curve']

/** The glue line of another thing of the ticket, in the time of the story that is told. */
export interface OtherLine {
  name: string
  seconds: number[]
  curves: Curve[]
}

/** The same story, told from a later time on. */
export function later(story: Story, by: number): Story {
  const moved = <T extends { from: number; to: number }>(one: T) => ({
    ...one,
    from: one.from + by,
    to: one.to + by,
  })
  return by === 0
    ? story
    : {
        ...story,
        seconds: story.seconds.map((second) => second + by),
        stretches: story.stretches.map(moved),
        events: story.events.map((event) => ({ ...event, at: event.at + by })),
      }
}

export const CHART = { width: 520, height: 230, left: 40, right: 10, top: 22, bottom: 24 }

export interface Span {
  from: number
  to: number
}

/**
 * What a curve reads at a time, between its moments; null where what it follows is not there. Where two stretches meet, it is read
 * within the one that is asked for.
 */
export function readAt(curves: Curve[], seconds: number[], time: number, within?: Span): number | null {
  for (const curve of curves) {
    const last = curve.from + curve.celsius.length - 1
    if (time < seconds[curve.from]! || time > seconds[last]!) continue
    if (within && (seconds[curve.from]! >= within.to || seconds[last]! <= within.from)) continue
    for (let i = curve.from + 1; i <= last; i++) {
      if (time > seconds[i]!) continue
      const [t0, t1] = [seconds[i - 1]!, seconds[i]!]
      const [c0, c1] = [curve.celsius[i - 1 - curve.from]!, curve.celsius[i - curve.from]!]
      return t1 === t0 ? c1 : c0 + ((time - t0) / (t1 - t0)) * (c1 - c0)
    }
  }
  return null
}

/** The scales of a story: the whole time along x, from the room up to the hottest platen along y. */
export function scalesOf(story: Story) {
  const end = story.seconds.at(-1) ?? 1
  const hottest = Math.max(100, ...story.platen.flatMap((curve) => curve.celsius))
  return {
    x: scaleLinear([0, end], [CHART.left, CHART.width - CHART.right]),
    y: scaleLinear([0, Math.ceil((hottest + 8) / 20) * 20], [CHART.height - CHART.bottom, CHART.top]),
  }
}

/** Ticks at round values of the unit that is shown, with where they stand in °C. */
export function temperatureTicks(
  domain: number[],
  unit: TemperatureUnit,
): { celsius: number; label: string }[] {
  const toUnit = (celsius: number) => Number(degrees(celsius, unit))
  const shown = scaleLinear([toUnit(domain[0]!), toUnit(domain[1]!)], [domain[0]!, domain[1]!])
  return shown.ticks(5).map((value) => ({ celsius: shown(value), label: String(value) }))
}

export function pathOf(curve: Curve, seconds: number[], scales: ReturnType<typeof scalesOf>): string {
  const path = line<number>()
    .x((_, i) => scales.x(seconds[curve.from + i]!))
    .y((celsius) => scales.y(celsius))
  return path(curve.celsius) ?? ''
}
