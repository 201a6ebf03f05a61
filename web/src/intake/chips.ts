import dayjs from 'dayjs'
import type { Schemas, TicketForm } from '@/api/client'
import { lengthIn } from '@/quantity/format'
import type { LengthUnit } from '@/quantity/units'
import type { Field, Reading } from './reading'

/** How far a chip is to be trusted: put right by hand is OWN, what the ticket began with is KNOWN. */
export type Trust = Schemas['ReadField']['trust'] | 'OWN' | 'KNOWN'

export interface Chip {
  field: Field
  text: string
  trust: Trust
}

/** A term of the trade in the middle of a sentence. */
type Word = (vocabulary: string, value: string | null | undefined) => string

/** What a field of the ticket says, in words. */
export function said(
  field: Field,
  form: TicketForm,
  reading: Reading | null,
  word: Word,
  unit: LengthUnit,
): string {
  const { garment } = form
  const art = form.decorations[0]!
  const length = (mm: number) => `${lengthIn(mm, unit)} ${unit === 'inch' ? 'in' : 'mm'}`
  switch (field) {
    case 'LABEL':
      return garment.label
    case 'KIND':
      return word('garment', garment.kind)
    case 'COLOUR': {
      const { colour, depth } = garment
      const shade = word('depth', depth)
      return colour.toLowerCase() === shade ? colour : `${colour}, ${shade}`
    }
    case 'ART':
      return art.description ? `${art.description}, ${word('art', art.kind)}` : word('art', art.kind)
    case 'LIGHT':
      return word('depth', art.lightest)
    case 'WIDTH':
      return length(art.width)
    case 'HEIGHT':
      return length(art.height)
    case 'PLACE':
      return word('placement', art.placement)
    case 'PIECES':
      return String(form.pieces)
    case 'DUE':
      return dayjs(form.dueAt).format('ddd D MMM, HH:mm')
    case 'FABRIC':
      return word('fabric', garment.fabric)
    case 'FITS':
      return word('size', garment.size)
    case 'SIZES': {
      const counts = new Map((reading?.values.sizes ?? []).map(({ size, pieces }) => [size, pieces]))
      return garment.sizes.map((size) => [size, counts.get(size)].filter(Boolean).join(' ')).join(', ')
    }
    case 'OBSTACLES':
      return garment.obstacles.map((one) => word('obstacle', one)).join(', ')
  }
}

/** In the order in which one would tell it. */
const ORDER: Field[] = [
  'PIECES',
  'KIND',
  'LABEL',
  'COLOUR',
  'ART',
  'LIGHT',
  'WIDTH',
  'HEIGHT',
  'PLACE',
  'DUE',
  'SIZES',
  'FABRIC',
  'FITS',
  'OBSTACLES',
]

/**
 * What was read of an order, as it stands on the ticket by now.
 *
 * @param known what the ticket began with
 * @param asRead the ticket as the order alone has it: what differs was put right by hand
 */
export function chips(
  reading: Reading | null,
  known: Field[],
  form: TicketForm,
  asRead: TicketForm,
  word: Word,
  unit: LengthUnit,
): Chip[] {
  return ORDER.flatMap((field) => {
    const read = reading?.read.find((one) => one.field === field)
    const before = known.includes(field)
    if (!read && !before) return []
    // What is only usual gives way to what is known; the ticket has it as the sentence laid it.
    const trust: Trust = read?.trust ?? 'KNOWN'
    const text = said(field, form, reading, word, unit)
    const own = text !== said(field, asRead, reading, word, unit)
    return [{ field, text, trust: own ? 'OWN' : trust }]
  })
}
