import { computed, type Ref } from 'vue'
import type { Plan, TicketView } from '@/api/client'
import { currentOption } from '@/ticket/currentOption'
import type { Progress } from './progress'

/** The step in hand, the one after it, and the Stack that goes with it. */
export function useStep(plan: Plan, progress: Ref<Progress>) {
  const { steps } = plan
  const step = computed(() => steps[progress.value.step - 1] ?? null)
  const following = computed(() => steps[progress.value.step] ?? null)
  /** The Stack of this step, or of the next press while something is done by hand. */
  const stack = computed(
    () =>
      step.value?.stack ??
      steps.slice(progress.value.step).find((s) => s.stack)?.stack ??
      currentOption(plan)?.stack ??
      null,
  )
  return { step, following, stack }
}

/** The piece in hand, and whose it is. */
export function usePiece(ticket: Ref<TicketView>, progress: Ref<Progress>) {
  const begun = computed(() => ticket.value.logged + progress.value.piecesDone + 1)
  const piece = computed(() => Math.min(ticket.value.pieces, begun.value))
  const last = computed(() => begun.value >= ticket.value.pieces)
  /** The next of the roster that is not ticked off. */
  const whose = computed(() => {
    const open = ticket.value.roster.filter((_, n) => !ticket.value.rosterPieces[n]?.done)
    const entry = open[progress.value.piecesDone]
    return entry ? [entry.number, entry.name, entry.size].filter(Boolean).join(' · ') : ''
  })
  return { piece, last, whose }
}
