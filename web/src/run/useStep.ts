import { computed, type Ref } from 'vue'
import type { Plan, TicketView } from '@/api/client'
import { currentOption } from '@/ticket/currentOption'
import { inHand, pieceAt, type PieceProgress, type Progress } from './progress'

/** The step of a piece, the one after it, and the Stack that goes with it. */
export function useStep(plan: Plan, at: Ref<PieceProgress>) {
  const { steps } = plan
  const step = computed(() => steps[at.value.step - 1] ?? null)
  const following = computed(() => steps[at.value.step] ?? null)
  /** The Stack of this step, or of the next press while something is done by hand. */
  const stack = computed(
    () =>
      step.value?.stack ??
      steps.slice(at.value.step).find((s) => s.stack)?.stack ??
      currentOption(plan)?.stack ??
      null,
  )
  return { step, following, stack }
}

/** The piece in hand, and whose it is. */
export function usePiece(ticket: Ref<TicketView>, progress: Ref<Progress>) {
  const at = computed(() => pieceAt(progress.value, inHand(progress.value)))
  const begun = computed(() => ticket.value.logged + at.value.piece)
  const piece = computed(() => Math.min(ticket.value.pieces, begun.value))
  const last = computed(() => begun.value >= ticket.value.pieces)
  /** The next of the roster that is not ticked off. */
  const whose = computed(() => {
    const open = ticket.value.roster.filter((_, n) => !ticket.value.rosterPieces[n]?.done)
    const entry = open[at.value.piece - 1]
    return entry ? [entry.number, entry.name, entry.size].filter(Boolean).join(' · ') : ''
  })
  return { at, piece, last, whose }
}
