import type { Schemas, StackData } from '@/api/client'
import type { Story } from '@/heat/curves'

export type PressWindow = Schemas['PressWindow']
export type MapData = Schemas['WindowMap']
export type EdgeData = Schemas['Edge']
export type Question = EdgeData['question']
export type Verdict = Schemas['Margin']['verdict']

/** A setting on the map: what the display reads, and how long. */
export interface Point {
  dial: number
  time: number
}

export const QUESTIONS: Question[] = ['HOLD', 'MARK', 'BLEED']

export const edgeOf = (map: MapData, question: Question, safe: boolean) =>
  map.edges.find((edge) => edge.question === question && edge.safe === safe)!

function between(axis: number[], at: number): [below: number, share: number] {
  let below = 0
  while (below < axis.length - 2 && axis[below + 1]! <= at) below++
  const share = (at - axis[below]!) / (axis[below + 1]! - axis[below]!)
  return [below, Math.max(0, Math.min(1, share))]
}

function read(axis: number[], values: number[], at: number): number {
  const [below, share] = between(axis, at)
  return values[below]! + share * (values[below + 1]! - values[below]!)
}

/** Platen temperature at which an edge is met at a time, °C. */
export const edgeAt = (map: MapData, edge: EdgeData, time: number) => read(map.seconds, edge.celsius, time)

/** How far inside an edge a platen is, K; negative outside. */
function inside(map: MapData, edge: EdgeData, platen: number, time: number): number {
  const met = edgeAt(map, edge, time)
  return edge.question === 'HOLD' ? platen - met : met - platen
}

export const platenOf = (window: PressWindow, point: Point) => point.dial - window.readsHigh

/** The word for a question at a point. */
export function verdictAt(window: PressWindow, question: Question, point: Point): Verdict {
  const { map } = window
  if (!map) return 'TIGHT'
  const platen = platenOf(window, point)
  if (inside(map, edgeOf(map, question, true), platen, point.time) >= 0) return 'SAFE'
  return inside(map, edgeOf(map, question, false), platen, point.time) >= 0 ? 'TIGHT' : 'NO'
}

/** What a way of being off comes to: how far all stays safe, and what does not beyond. */
export interface Room {
  /** Kelvin or seconds; to the end of the map, where nothing is unsafe before. */
  upTo: number
  /** What is not safe beyond; null where that does not lie on the map. */
  question: Question | null
}

/** How far a setting may be off and every question is still answered "safe"; null where it is not safe itself. */
export function roomAt(
  window: PressWindow,
  point: Point,
): { cooler: Room; hotter: Room; shorter: Room; longer: Room } | null {
  const map = window.map!
  const platen = platenOf(window, point)
  const unsafe = (kelvin: number, time: number) =>
    QUESTIONS.find((question) => inside(map, edgeOf(map, question, true), platen + kelvin, time) < 0) ?? null
  if (unsafe(0, point.time)) return null
  const far = (steps: number, at: (step: number) => Question | null): Room => {
    for (let step = 1; step <= steps; step++) {
      const question = at(step)
      if (question) return { upTo: step - 1, question }
    }
    return { upTo: Math.max(0, steps), question: null }
  }
  const [low, high] = [map.celsius[0]!, map.celsius.at(-1)!]
  return {
    cooler: far(Math.max(0, Math.floor(platen - low)), (kelvin) => unsafe(-kelvin, point.time)),
    hotter: far(Math.max(0, Math.floor(high - platen)), (kelvin) => unsafe(kelvin, point.time)),
    shorter: far(point.time - 1, (seconds) => unsafe(0, point.time - seconds)),
    longer: far(Math.floor(shownSeconds(window)) - point.time, (seconds) => unsafe(0, point.time + seconds)),
  }
}

/** The display's temperature from which something says no at a time; null where the map does not reach so far, °C. */
export function failsFrom(window: PressWindow, question: Question, time: number): number | null {
  const map = window.map!
  const met = edgeAt(map, edgeOf(map, question, false), time)
  return met >= map.celsius[0]! && met <= map.celsius.at(-1)! ? met + window.readsHigh : null
}

/** A value of the map between its temperatures and times. */
export function valueAt(map: MapData, values: number[][], platen: number, time: number): number {
  const [below, share] = between(map.celsius, platen)
  const cool = read(map.seconds, values[below]!, time)
  return cool + share * (read(map.seconds, values[below + 1]!, time) - cool)
}

/** The Stack with what its layers reach at a point. */
export function stackAt(window: PressWindow, stack: StackData, point: Point): StackData {
  const map = window.map
  if (!map) return stack
  const platen = platenOf(window, point)
  const layers = stack.layers.map((layer, n) => {
    if (n === 0) return { ...layer, peak: Math.round(platen) }
    const heat = map.layers[n - 1]
    const peak = heat?.celsius.length
      ? Math.round(valueAt(map, heat.celsius, platen, point.time))
      : layer.peak
    return { ...layer, peak }
  })
  const glueLinePeak =
    stack.glueLinePeak === null ? null : Math.round(valueAt(map, map.glueLine, platen, point.time))
  return { ...stack, layers, glueLinePeak }
}

/** The story of the press alone at a point, until the whole of it is told. */
export function storyAt(window: PressWindow, told: Story, point: Point, name: string): Story {
  const map = window.map!
  const platen = platenOf(window, point)
  const seconds = [0, ...map.seconds.filter((second) => second < point.time), point.time]
  const curve = (values: number[][]) => [
    {
      from: 1,
      celsius: seconds.slice(1).map((second) => valueAt(map, values, platen, second)),
    },
  ]
  const front = map.layers.find(({ kind }) => kind === 'FRONT')
  return {
    ...told,
    seconds,
    stretches: [{ name, closed: true, main: true, from: 0, to: point.time }],
    layers: front?.celsius.length
      ? [
          {
            kind: 'FRONT',
            name: front.name,
            upper: curve(front.celsius),
            lower: curve(front.celsius),
          },
        ]
      : [],
    platen: [{ from: 0, celsius: seconds.map(() => platen) }],
    glueLine: curve(map.glueLine),
    events: [],
    peel: null,
    doses: [],
  }
}

/** How long the map is shown: twice what the window asks for, at least half a minute. */
export const shownSeconds = (window: PressWindow) =>
  Math.min(window.map!.seconds.at(-1)!, Math.max(30, 2 * window.times.high, 1.3 * window.now.time))

/**
 * A point that the press can be set to, and that lies on the map: whole degrees, or the dots of an iron.
 *
 * @param from where the point is moved from; an iron goes on by a dot, however short the step
 */
export function settable(window: PressWindow, point: Point, from?: Point): Point {
  const { celsius } = window.map!
  const low = Math.ceil(celsius[0]! + window.readsHigh)
  const high = Math.floor(celsius.at(-1)! + window.readsHigh)
  const within = Math.max(low, Math.min(high, Math.round(point.dial)))
  return {
    dial: window.dots.length ? dotFor(window.dots, within, from?.dial) : within,
    time: Math.max(1, Math.min(Math.floor(shownSeconds(window)), Math.round(point.time))),
  }
}

function dotFor(dots: number[], wanted: number, from?: number): number {
  if (from !== undefined && wanted > from) return dots.find((dot) => dot > from) ?? dots.at(-1)!
  if (from !== undefined && wanted < from) return dots.filter((dot) => dot < from).at(-1) ?? dots[0]!
  return dots.reduce((a, b) => (Math.abs(b - wanted) < Math.abs(a - wanted) ? b : a))
}
