import type { GarmentForm, TicketView } from '@/api/client'
import { copyOf } from './blankTicket'

/**
 * What the next new ticket begins with.
 *
 * @property repeats the ticket it is a repeat of; null where only its garment is taken
 */
export interface Start {
  garment: GarmentForm
  repeats: TicketView | null
}

let waiting: Start | null = null

export function startWith(garment: GarmentForm) {
  waiting = { garment: copyOf(garment), repeats: null }
}

/** All of an earlier ticket but its date; what is different since then is told beside it. */
export function repeat(ticket: TicketView) {
  waiting = { garment: copyOf(ticket.garment), repeats: copyOf(ticket) }
}

export function takeStart(): Start | null {
  const start = waiting
  waiting = null
  return start
}
