import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import type { Plan, TicketView } from '@/api/client'
import { BEGUN } from './progress'
import { usePiece, useStep } from './useStep'

const at = (step: number) => ref({ piece: 1, step, timer: null })

/** So many were put aside; the next stands at its first step. */
const after = (done: number) => ref({ ...BEGUN, aside: Array.from({ length: done }, (_, n) => n + 1) })

const roster = [
  { number: '7', name: 'Wren', size: 'M' },
  { number: '8', name: 'Teal', size: '' },
]
const ticket = ref({
  pieces: 3,
  logged: 1,
  roster,
  rosterPieces: [{ done: true }, { done: false }],
} as unknown as TicketView)

describe('the step in hand', () => {
  const stack = { layers: [] }
  const plan = { steps: [{ number: 1 }, { number: 2, stack }], decorations: [] } as unknown as Plan

  it('shows the Stack of the next press while something is done by hand', () => {
    const { step, following, stack: shown } = useStep(plan, at(1))
    expect(step.value?.number).toBe(1)
    expect(following.value?.number).toBe(2)
    expect(shown.value).toEqual(stack)
  })

  it('is none after the last', () => {
    const { step, following } = useStep(plan, at(3))
    expect(step.value).toBeNull()
    expect(following.value).toBeNull()
  })
})

describe('the piece in hand', () => {
  it('counts on from what is logged, and is whose name is not ticked off', () => {
    const { piece, last, whose } = usePiece(ticket, after(0))
    expect([piece.value, last.value, whose.value]).toEqual([2, false, '8 · Teal'])
  })

  it('ends with the ticket, and with the roster', () => {
    const { piece, last, whose } = usePiece(ticket, after(1))
    expect([piece.value, last.value, whose.value]).toEqual([3, true, ''])
    expect(usePiece(ticket, after(5)).piece.value).toBe(3)
  })
})
