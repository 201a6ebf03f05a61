import { describe, expect, it } from 'vitest'
import type { Plan, Schemas, Step } from '@/api/client'
import { picture } from './picture'

const area = (x: number): Schemas['Area'] => ({ x, y: 80, width: 100, height: 60 })
const step = (number: number, acts: Schemas['Act'][], round = 1) => ({ number, acts, round }) as Step

const close = (thing: string | null, position: number, of: number, x: number): Schemas['Act'] => ({
  act: 'Close',
  tool: 'Mini press',
  purpose: thing ? 'MAIN' : 'PRE_PRESS',
  thing,
  position,
  of,
  where: area(x),
  time: 10,
  moved: false,
})

const steps = [
  step(1, [{ act: 'LintRoll' }]),
  step(2, [{ act: 'LayFlat', tool: 'Mini press', up: 'BACK' }]),
  step(3, [{ act: 'Insert', what: 'FOAM_PAD', gap: 'INSIDE', where: area(5) }]),
  step(4, [close(null, 1, 2, 0), { act: 'Open' }]),
  step(5, [close(null, 2, 2, 90), { act: 'Open' }]),
  step(6, [
    { act: 'LayOn', thing: 'a', face: 'BACK', where: area(40), layers: [], colour: 1, of: 1, inside: false },
  ]),
  step(7, [close('a', 1, 2, 10), { act: 'Open' }]),
  step(8, [close('a', 2, 2, 80), { act: 'Open' }]),
  step(9, [{ act: 'TakeOut', what: 'FOAM_PAD', gap: 'INSIDE' }]),
  step(10, [{ act: 'LayFlat', tool: 'Mini press', up: 'FRONT' }]),
]
const plan = { steps } as Plan
const shown = (number: number) => picture(plan, steps[number - 1]!)

describe('the picture of a step', () => {
  it('is none where hands do nothing at a place of the garment', () => {
    expect(shown(1)).toBeNull()
    expect(shown(9)).toBeNull()
  })

  it('shows the face that is up, and what lies on it by then', () => {
    expect(shown(2)).toMatchObject({ face: 'BACK', art: [] })
    expect(shown(6)).toMatchObject({ face: 'BACK', art: [{ thing: 'a', area: area(40) }] })
    expect(shown(10)).toMatchObject({ face: 'FRONT', art: [] })
  })

  it('shows all positions of a closing and which is due, those of another closing apart', () => {
    expect(shown(5)).toMatchObject({ positions: [area(0), area(90)], now: 1 })
    expect(shown(7)).toMatchObject({ positions: [area(10), area(80)], now: 0 })
    expect(shown(8)!.now).toBe(1)
  })

  it('shows the pad while it is in', () => {
    expect(shown(3)!.lifted).toEqual(area(5))
    expect(shown(8)!.lifted).toEqual(area(5))
    expect(shown(10)!.lifted).toBeNull()
  })
})
