import { scaleLinear, type ScaleLinear } from 'd3-scale'
import { edgeAt, edgeOf, shownSeconds, type EdgeData, type PressWindow, type Question } from './pressWindow'

export const MAP = { width: 720, height: 400, left: 72, right: 16, top: 14, bottom: 48 }

export interface Scales {
  /** Of the display, °C. */
  x: ScaleLinear<number, number>
  y: ScaleLinear<number, number>
}

export function scalesOf(window: PressWindow): Scales {
  const { celsius } = window.map!
  return {
    x: scaleLinear(
      [celsius[0]! + window.readsHigh, celsius.at(-1)! + window.readsHigh],
      [MAP.left, MAP.width - MAP.right],
    ),
    y: scaleLinear([0, shownSeconds(window)], [MAP.height - MAP.bottom, MAP.top]),
  }
}

const clamp = (value: number, low: number, high: number) => Math.max(low, Math.min(high, value))

/** Where an edge is met, time by time, also outside the map. */
function met(window: PressWindow, edge: EdgeData, scales: Scales): [x: number, y: number][] {
  const times = [0, ...window.map!.seconds.filter((second) => second <= scales.y.domain()[1]!)]
  return times.map((time) => [scales.x(edgeAt(window.map!, edge, time) + window.readsHigh), scales.y(time)])
}

/** The same within the map, with a corner where it comes in and goes out. */
function corners(window: PressWindow, edge: EdgeData, scales: Scales): [x: number, y: number][] {
  const [left, right] = scales.x.range() as [number, number]
  const all = met(window, edge, scales)
  return all.flatMap(([x, y], n) => {
    const own: [number, number] = [clamp(x, left, right), y]
    const next = all[n + 1]
    if (!next) return [own]
    const crossed = [left, right]
      .filter((border) => (x - border) * (next[0] - border) < 0)
      .map((border): [number, number] => [border, y + ((border - x) / (next[0] - x)) * (next[1] - y)])
    return [own, ...crossed.sort((a, b) => (next[0] > x ? a[0] - b[0] : b[0] - a[0]))]
  })
}

/** The corners of an edge that lie on the map, with where it comes in and goes out. */
export function edgeCorners(window: PressWindow, edge: EdgeData, scales: Scales): [x: number, y: number][] {
  const [left, right] = scales.x.range() as [number, number]
  const all = corners(window, edge, scales)
  const on = (corner?: [number, number]) => corner !== undefined && corner[0] > left && corner[0] < right
  return all.filter((corner, n) => on(corner) || on(all[n - 1]) || on(all[n + 1]))
}

const path = (points: [number, number][]) =>
  points.map(([x, y], n) => `${n ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`).join('')

/** The line of an edge, to the frame of the map; nothing where it does not come onto it. */
export function edgePath(window: PressWindow, question: Question, safe: boolean, scales: Scales): string {
  const within = edgeCorners(window, edgeOf(window.map!, question, safe), scales)
  return within.length > 1 ? path(within) : ''
}

/** Half of the width and half of the height that the words of a setting take. */
const LABEL = { x: 66, y: 14 }

/** Where the words of a setting stand so that no edge and no border runs through them. */
export function labelAt(
  window: PressWindow,
  here: { x: number; y: number },
  scales: Scales,
): { x: number; y: number } {
  const [left, right] = scales.x.range() as [number, number]
  const [bottom, top] = scales.y.range() as [number, number]
  const lines = window.map!.edges.map((edge) => edgeCorners(window, edge, scales))
  const places = [40, 60, 80, 110].flatMap((far) =>
    [-1, 1].flatMap((up) => [0, 1, -1].map((aside) => ({ x: here.x + aside * 84, y: here.y + up * far }))),
  )
  const clear = (at: { x: number; y: number }) =>
    at.x - LABEL.x > left &&
    at.x + LABEL.x < right &&
    at.y - LABEL.y > top &&
    at.y + LABEL.y < bottom &&
    !lines.some((line) => line.some((corner, n) => n > 0 && crosses(line[n - 1]!, corner, at)))
  return places.find(clear) ?? places[0]!
}

/** Whether a stretch of a line comes into the box of the words; looked at in small steps. */
function crosses(from: [number, number], to: [number, number], at: { x: number; y: number }): boolean {
  const steps = Math.ceil(Math.hypot(to[0] - from[0], to[1] - from[1]) / 6) + 1
  return Array.from({ length: steps + 1 }, (_, n) => n / steps).some((share) => {
    const x = from[0] + share * (to[0] - from[0])
    const y = from[1] + share * (to[1] - from[1])
    return Math.abs(x - at.x) < LABEL.x && Math.abs(y - at.y) < LABEL.y
  })
}

/** What an edge shuts out: cooler for the bond, hotter for the rest. */
export function outsidePath(window: PressWindow, question: Question, safe: boolean, scales: Scales): string {
  const [left, right] = scales.x.range() as [number, number]
  const points = corners(window, edgeOf(window.map!, question, safe), scales)
  const border = question === 'HOLD' ? left : right
  const first = points[0]!
  const last = points.at(-1)!
  return points.every(([x]) => x === border)
    ? ''
    : `${path([...points, [border, last[1]], [border, first[1]]])}Z`
}

/** Where words fit between two edges: the widest place of some heights; null where nothing is wide enough. */
export function roomFor(
  window: PressWindow,
  between: [from: EdgeData | null, to: EdgeData | null],
  scales: Scales,
  least: number,
): { x: number; y: number; width: number } | null {
  const [left, right] = scales.x.range() as [number, number]
  const end = scales.y.domain()[1]!
  const at = (edge: EdgeData | null, time: number, border: number) =>
    edge ? clamp(scales.x(edgeAt(window.map!, edge, time) + window.readsHigh), left, right) : border
  const rooms = [0.9, 0.78, 0.66, 0.54, 0.42, 0.3, 0.18, 0.1].map((share) => {
    const from = at(between[0], share * end, left)
    const to = at(between[1], share * end, right)
    return { x: (from + to) / 2, y: scales.y(share * end), width: to - from }
  })
  const fits = rooms.filter(({ width }) => width >= least)
  return fits.length ? fits.reduce((a, b) => (b.width > a.width + 40 ? b : a)) : null
}
