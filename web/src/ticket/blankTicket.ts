import dayjs from 'dayjs'
import type { DecorationForm, GarmentForm, TicketForm, TicketView } from '@/api/client'

export function blankGarment(): GarmentForm {
  return {
    name: '',
    kind: 'TOP',
    label: '',
    fabric: 'JERSEY',
    colour: 'white',
    depth: 'WHITE',
    hue: 'NEUTRAL',
    dye: 'UNKNOWN',
    finish: 'NONE',
    obstacles: [],
    iron: 'UNKNOWN',
    size: 'ADULT',
    weight: null,
    sizes: [],
    layout: null,
    uses: [],
  }
}

export function blankDecoration(): DecorationForm {
  return {
    id: 'a',
    description: '',
    kind: 'LETTERING',
    width: 200,
    height: 80,
    colours: 1,
    lightest: 'WHITE',
    placement: 'CHEST',
    surface: 'ANY',
    thinnestStroke: null,
    layered: false,
    parts: null,
    stoneSize: null,
    stones: 0,
    smallerStones: [],
    ownLabel: null,
    ownPrint: false,
    medium: null,
    materialId: null,
    over: null,
    spot: null,
    weeding: null,
    own: null,
  }
}

/** Due in two days at four: what most customers mean by "soon". */
export function blankTicket(pressId: string): TicketForm {
  return {
    title: '',
    customer: '',
    dueAt: dayjs().add(2, 'day').hour(16).minute(0).second(0).millisecond(0).toISOString(),
    pieces: 1,
    pressId,
    garment: blankGarment(),
    decorations: [blankDecoration()],
    roster: [],
    version: 0,
  }
}

/** Whether something that lay in this browser has the shape of a ticket. */
export function isTicketForm(kept: unknown): kept is TicketForm {
  const form = kept as Partial<TicketForm> | null | undefined
  return typeof form?.garment === 'object' && form.garment !== null && Array.isArray(form.decorations)
}

/** A copy of what was typed, out of reach of whatever watches the original. */
export function copyOf<T extends object>(typed: T): T {
  return JSON.parse(JSON.stringify(typed)) as T
}

export function formOf(ticket: TicketView): TicketForm {
  const { title, customer, dueAt, pieces, pressId, garment, decorations, roster, version } = ticket
  return copyOf({ title, customer, dueAt, pieces, pressId, garment, decorations, roster, version })
}

/** What still has to be typed before a plan can be tried; keys of the garment station's labels. */
export function missing(form: TicketForm): string[] {
  const found: string[] = []
  if (!form.garment.name.trim()) found.push('name')
  if (!form.garment.colour.trim()) found.push('colour')
  if (form.decorations.some(({ description }) => !description.trim())) found.push('description')
  return found
}
