import { scaleLinear, type ScaleLinear } from 'd3-scale'
import { edgeAt, edgeOf, shownSeconds, type EdgeData, type PressWindow, type Question } from './pressWindow'

export const MAP = { width: 720, height: 400, left: 56, right: 16, top: 14, bottom: 44 }

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

function corners(window: PressWindow, edge: EdgeData, scales: Scales): [x: number, y: number][] {
  const [left, right] = scales.x.range() as [number, number]
  const times = [0, ...window.map!.seconds.filter((second) => second <= scales.y.domain()[1]!)]
  return times.map((time) => [
    clamp(scales.x(edgeAt(window.map!, edge, time) + window.readsHigh), left, right),
    scales.y(time),
  ])
}

const path = (points: [number, number][]) =>
  points.map(([x, y], n) => `${n ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`).join('')

/** The line of an edge; only where it runs within the map. */
export function edgePath(window: PressWindow, question: Question, safe: boolean, scales: Scales): string {
  const [left, right] = scales.x.range() as [number, number]
  const points = corners(window, edgeOf(window.map!, question, safe), scales)
  const within = points.filter(([x]) => x > left && x < right)
  return within.length > 1 ? path(within) : ''
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
