import type { Schemas } from '@/api/client'

export const STATIONS = ['garment', 'method', 'cut', 'press', 'check'] as const

export type StationName = (typeof STATIONS)[number]

/** The view of what is next: never that of what is done already. A ticket that is all done is looked at where it was checked. */
export function viewOf(station: Schemas['TicketSummary']['station']): StationName {
  return station === 'DONE' ? 'check' : (station.toLowerCase() as StationName)
}
