import dayjs from 'dayjs'
import type { TicketForm } from '@/api/client'
import { copyOf } from '@/ticket/blankTicket'
import type { Field, Reading } from './reading'

/** What is meant by a day without an hour: the end of the working day. */
const BY = '16:00'

/** Fields that have a value. */
function present<T extends object>(fields: T): Partial<{ [K in keyof T]: NonNullable<T[K]> }> {
  return Object.fromEntries(
    Object.entries(fields).filter(([, value]) => value !== null && value !== ''),
  ) as Partial<{ [K in keyof T]: NonNullable<T[K]> }>
}

/**
 * A ticket with what an order says of it.
 *
 * @param base as it is without the order
 */
export function laid(base: TicketForm, reading: Reading | null): TicketForm {
  const form = copyOf(base)
  if (!reading) return form
  const said = reading.values
  const { kind, label, fabric, colour, depth, hue, obstacles } = said
  Object.assign(
    form.garment,
    present({ name: said.garment, kind, label, fabric, colour, depth, hue, obstacles, size: said.fits }),
  )
  if (said.sizes) form.garment.sizes = said.sizes.map(({ size }) => size)
  const { art, lightest, width, height, placement } = said
  const first = form.decorations[0]
  if (first)
    Object.assign(first, present({ description: said.goesOn, kind: art, lightest, width, height, placement }))
  if (said.pieces) form.pieces = said.pieces
  if (said.dueDay) form.dueAt = dayjs(`${said.dueDay}T${said.dueTime ?? BY}`).toISOString()
  return form
}

const OF_GARMENT: Field[] = ['KIND', 'LABEL', 'COLOUR', 'FABRIC', 'FITS', 'OBSTACLES']
const OF_ART: Field[] = ['ART', 'LIGHT', 'WIDTH', 'HEIGHT', 'PLACE']

/** What a ticket has before anything is said of it: a blank one has no names. */
export function knownOf(base: TicketForm): Field[] {
  return [...(base.garment.name ? OF_GARMENT : []), ...(base.decorations[0]?.description ? OF_ART : [])]
}

/** What it is called where nobody gave it a name: how many of what, and of which sizes. */
export function titleOf(form: TicketForm, reading: Reading | null): string {
  const sizes = (reading?.values.sizes ?? []).map(({ size, pieces }) => `${size} ${pieces}`).join(', ')
  const name = `${form.pieces} × ${form.garment.name}`
  const whole = sizes ? `${name}: ${sizes}` : name
  return [...whole].length <= 80 ? whole : [...name].slice(0, 80).join('')
}

/** The order with an answer behind it. */
export function answered(sentence: string, words: string): string {
  const said = sentence.trim().replace(/[,;.]$/, '')
  return said ? `${said}, ${words}` : words
}
