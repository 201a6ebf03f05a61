import type { Schemas } from '@/api/client'

export type Track = Schemas['Track']

/** What a display reads at a time, between its moments; its last reading from then on. */
export function readTrack(track: Track, second: number): number {
  const { seconds, celsius } = track
  const next = seconds.findIndex((moment) => moment >= second)
  if (next < 0) return celsius.at(-1) ?? 0
  if (next === 0) return celsius[0] ?? 0
  const [t0, t1] = [seconds[next - 1]!, seconds[next]!]
  const [c0, c1] = [celsius[next - 1]!, celsius[next]!]
  return t1 === t0 ? c1 : c0 + ((second - t0) / (t1 - t0)) * (c1 - c0)
}

/** Within this of its setting a display is taken for ready, °C. */
const READY = 1

/** When a display comes to its setting and stays; the end of the track where it does not. */
export function readyAt(track: Track, dial: number): number {
  let ready = track.seconds.length
  while (ready > 0 && Math.abs(track.celsius[ready - 1]! - dial) <= READY) ready--
  return track.seconds[ready] ?? track.seconds.at(-1) ?? 0
}

export const isReady = (shown: number, dial: number) => Math.abs(shown - dial) <= READY
