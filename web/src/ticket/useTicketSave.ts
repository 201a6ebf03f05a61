import { computed, ref, watch, type Ref } from 'vue'
import { Problem, type TicketView } from '@/api/client'
import { copyOf, formOf } from './blankTicket'
import { useSaveTicket } from './useTicket'
import type { useTicketDraft } from './useTicketDraft'
import { useMessage } from '@/shell/useMessage'

/**
 * Keeps a ticket as it is typed. One that somebody else kept meanwhile is not written over: it is stale.
 *
 * @param ticket as the server has it; nothing while it is new
 */
export function useTicketSave(
  { id, form, dirty, answered }: ReturnType<typeof useTicketDraft>,
  ticket: Ref<TicketView | undefined>,
  ticketId: Ref<string | undefined>,
) {
  const message = useMessage()
  const save = useSaveTicket()
  const stale = ref(false)
  const problem = ref<Problem | null>(null)
  /** The id that it has, or will have once it is kept. */
  const target = computed(() => ticketId.value ?? id.value)

  watch(
    () => [ticket.value?.version, form.value?.version],
    ([server, typed]) => {
      stale.value = dirty.value && server !== undefined && typed !== undefined && server > typed
    },
  )

  /** Whether it is kept now, as it was when this was asked for; what is typed meanwhile stays a draft. */
  async function keep(): Promise<boolean> {
    if (!form.value) return false
    problem.value = null
    try {
      const sent = copyOf(form.value)
      answered(sent, formOf(await save.mutateAsync({ id: target.value, form: sent })))
      return true
    } catch (e) {
      if (!(e instanceof Problem)) throw e
      problem.value = e
      if (e.kind === 'stale') stale.value = true
      else message.error(e.message)
      return false
    }
  }

  return { keep, keeping: save.isPending, problem, stale, target }
}
