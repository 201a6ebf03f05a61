import type { DecorationForm, Plan, TicketForm } from '@/api/client'
import { artLies } from '@/place/things'
import { blankDecoration } from './blankTicket'

/** How far it reaches beyond the art all round, mm: art that shifts a little still lies on it. */
const BEYOND = 2

const LONGEST_DESCRIPTION = 120

/**
 * The decorations of a ticket with a film below one of them, where that lies now; the film is taken, for nothing else would keep dye
 * from the art. They stay as they are where nobody knows yet where the art lies, or something lies below it already.
 */
export function withFilmBelow(
  ticket: TicketForm,
  over: string,
  medium: string,
  plan: Plan,
  description: string,
): DecorationForm[] {
  const art = ticket.decorations.find(({ id }) => id === over)
  const lies = art && artLies(art, plan)
  if (!art || !lies || art.over) return ticket.decorations
  const ids = new Set(ticket.decorations.map(({ id }) => id))
  const free = [...'abcdefghijklmnopqrstuvwxyz'].find((id) => !ids.has(id)) ?? crypto.randomUUID()
  const { face, area } = lies
  const film: DecorationForm = {
    ...blankDecoration(),
    id: free,
    description: description.slice(0, LONGEST_DESCRIPTION),
    kind: 'LOGO',
    width: art.width + 2 * BEYOND,
    height: art.height + 2 * BEYOND,
    lightest: 'WHITE',
    placement: art.placement,
    medium,
    spot: { face, fromCentre: area.x + area.width / 2, belowCollar: area.y - BEYOND },
  }
  const spot = { face, fromCentre: area.x + area.width / 2, belowCollar: area.y }
  return ticket.decorations.flatMap((one) => (one.id === over ? [film, { ...one, over: free, spot }] : [one]))
}
