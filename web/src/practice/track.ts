import type { Schemas } from '@/api/client'
import { readAt } from '@/heat/curves'

export type Track = Schemas['Track']

/** What a display reads at a time, between its moments; its last reading from then on. */
export function readTrack({ seconds, celsius }: Track, second: number): number {
  return readAt([{ from: 0, celsius }], seconds, second) ?? celsius.at(-1) ?? 0
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
