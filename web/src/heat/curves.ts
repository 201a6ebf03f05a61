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

/** When the press closes that the story is about: its clock begins there, as the one at the press does. */
export function closingOf(story: Story): number {
  const { stretches } = story
  return (stretches.find(({ main }) => main) ?? stretches.find(({ closed }) => closed))?.from ?? 0
}

export const CHART = { width: 520, height: 250, left: 40, right: 10, top: 8, bottom: 38 }

/** As high as a line of names above the chart, and as wide as one letter of it at most. */
export const NAME = { height: 14, letter: 7, rows: 3 }

export interface BandName {
  name: string
  x: number
  /** Counted from the top. */
  row: number
}

/**
 * The names of the bands above the chart, each over the beginning of its band, in as few rows as there is room for.
 * Where three rows do not do, each has its number, to be read below the chart.
 */
export function bandNames(bands: Story['stretches'], x: (seconds: number) => number): BandName[] {
  const inRows = (names: string[]) => {
    const ends: number[] = []
    return bands.map(({ from }, n) => {
      const wide = NAME.letter * names[n]!.length
      const at = Math.max(CHART.left, Math.min(x(from), CHART.width - CHART.right - wide))
      const free = ends.findIndex((end) => end <= at)
      const row = free < 0 ? ends.length : free
      ends[row] = at + wide + NAME.letter
      return { name: names[n]!, x: at, row }
    })
  }
  const named = inRows(bands.map(({ name }) => name))
  return named.every(({ row }) => row < NAME.rows) ? named : inRows(bands.map((_, n) => String(n + 1)))
}

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
export function scalesOf(story: Story, top: number = CHART.top) {
  const end = story.seconds.at(-1) ?? 1
  const hottest = Math.max(100, ...story.platen.flatMap((curve) => curve.celsius))
  return {
    x: scaleLinear([0, end], [CHART.left, CHART.width - CHART.right]),
    y: scaleLinear([0, Math.ceil((hottest + 8) / 20) * 20], [CHART.height - CHART.bottom, top]),
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
