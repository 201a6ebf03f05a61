import { ref, watch, type Ref } from 'vue'
import type { Schemas, TicketForm, TicketView } from '@/api/client'
import { blankTicket, copyOf, formOf } from './blankTicket'
import { takeStart } from './startWith'
import type { useTicketDraft } from './useTicketDraft'

/**
 * How a ticket begins: as it was kept; or blank, with a cloth from Cloth memory, or as an earlier one.
 *
 * @param ticket as the server has it; nothing while it is new
 * @param ticketId nothing while it is new
 */
export function useBegun(
  { form, base, reset }: ReturnType<typeof useTicketDraft>,
  ticket: Ref<TicketView | undefined>,
  presses: Ref<Schemas['PressView'][]>,
  ticketId: Ref<string | undefined>,
) {
  /** A new ticket as it begins; null where it was kept before. */
  const blank = ref<TicketForm | null>(null)
  const repeats = ref<{ id: string; name: string } | null>(null)

  function beginNew(pressId: string) {
    const empty = blankTicket(pressId)
    base(empty)
    blank.value = empty
    const start = takeStart()
    if (!start || !form.value) return
    form.value.garment = start.garment
    const before = start.repeats
    repeats.value = before && { id: before.id, name: before.name }
    if (before) {
      const { title, customer, pieces, decorations } = before
      Object.assign(form.value, { title, customer, pieces, pressId: before.pressId, decorations })
    }
    blank.value = copyOf(form.value)
  }

  watch(
    [ticket, presses],
    () => {
      if (ticket.value) base(formOf(ticket.value))
      else if (!ticketId.value && presses.value[0]) beginNew(presses.value[0].id)
    },
    { immediate: true },
  )

  /** Lets go of what was typed. */
  function drop() {
    if (ticket.value) reset(formOf(ticket.value))
    else if (presses.value[0]) reset(blankTicket(presses.value[0].id))
  }

  return { blank, repeats, drop }
}
