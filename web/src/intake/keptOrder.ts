import type { TicketForm } from '@/api/client'
import { isTicketForm } from '@/ticket/blankTicket'
import type { Reading } from './reading'

export interface Order {
  sentence: string
  /** What was read last: only what changes in it changes the ticket. */
  read: Reading | null
  /** The ticket without the order: blank, or begun with a cloth that is known. */
  base: TicketForm | null
}

export const EMPTY: Order = { sentence: '', read: null, base: null }

const isReading = ({ read, hints, values }: Partial<Reading>) =>
  Array.isArray(read) && Array.isArray(hints) && typeof values === 'object' && values !== null

/** What lies in this browser of an order: all that can still be used of it, also where another version left it. */
export function keptOrder(text: string): Order {
  try {
    const kept = JSON.parse(text) as Partial<Order> | null
    const read = kept?.read
    return {
      sentence: typeof kept?.sentence === 'string' ? kept.sentence : '',
      read: read && isReading(read) ? read : null,
      base: isTicketForm(kept?.base) ? kept.base : null,
    }
  } catch {
    return { ...EMPTY }
  }
}
