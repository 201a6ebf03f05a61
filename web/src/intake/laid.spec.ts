import { describe, expect, it } from 'vitest'
import { blankTicket } from '@/ticket/blankTicket'
import { merged } from '@/form/merged'
import { answered, knownOf, laid, titleOf } from './laid'
import type { Reading } from './reading'

const NOTHING: Reading['values'] = {
  garment: '',
  kind: null,
  fits: null,
  label: null,
  fabric: null,
  colour: null,
  depth: null,
  hue: null,
  obstacles: null,
  sizes: null,
  goesOn: '',
  art: null,
  lightest: null,
  width: null,
  height: null,
  placement: null,
  pieces: null,
  dueDay: null,
  dueTime: null,
}
const reading = (values: Partial<Reading['values']>): Reading => ({
  read: [],
  question: null,
  hints: [],
  values: { ...NOTHING, ...values },
})
const base = blankTicket('p')

describe('an order on a ticket', () => {
  it('leaves what is not said as it was', () => {
    expect(laid(base, null)).toEqual(base)
    expect(laid(base, reading({}))).toEqual(base)
  })

  it('fills what is said', () => {
    const form = laid(
      base,
      reading({
        garment: 'navy hoodies',
        kind: 'SWEATSHIRT',
        colour: 'navy',
        depth: 'DARK',
        hue: 'BLUE',
        obstacles: [],
        goesOn: 'white crew name',
        width: 250,
        placement: 'BACK',
        pieces: 20,
        sizes: [
          { size: 'S', pieces: 4 },
          { size: 'M', pieces: 16 },
        ],
        dueDay: '2026-12-04',
        dueTime: '09:30:00',
      }),
    )
    expect(form.garment).toMatchObject({
      name: 'navy hoodies',
      kind: 'SWEATSHIRT',
      depth: 'DARK',
      sizes: ['S', 'M'],
    })
    expect(form.decorations[0]).toMatchObject({
      description: 'white crew name',
      width: 250,
      placement: 'BACK',
    })
    expect(new Date(form.dueAt)).toEqual(new Date('2026-12-04T09:30:00'))
  })

  it('takes a day without an hour as its working day', () => {
    const { dueAt } = laid(base, reading({ dueDay: '2026-12-04' }))
    expect(new Date(dueAt)).toEqual(new Date('2026-12-04T16:00:00'))
  })

  it('keeps a correction until the sentence says something else of it', () => {
    const first = reading({ width: 250, pieces: 20 })
    const corrected = laid(base, first)
    corrected.decorations[0]!.width = 260
    const more = merged(laid(base, first), laid(base, reading({ width: 250, pieces: 30 })), corrected).value
    expect([more.pieces, more.decorations[0]!.width]).toEqual([30, 260])
    const other = merged(laid(base, first), laid(base, reading({ width: 300, pieces: 20 })), corrected).value
    expect(other.decorations[0]!.width).toBe(300)
  })

  it('is called by its number, its garment and its sizes', () => {
    const form = laid(base, reading({ garment: 'tees', pieces: 14 }))
    expect(titleOf(form, null)).toBe('14 × tees')
    const sizes = [
      { size: 'S', pieces: 4 },
      { size: 'M', pieces: 10 },
    ]
    expect(titleOf(form, reading({ sizes }))).toBe('14 × tees: S 4, M 10')
    const many = Array.from({ length: 30 }, (_, n) => ({ size: `X${n}`, pieces: 1 }))
    expect(titleOf(form, reading({ sizes: many }))).toBe('14 × tees')
  })

  it('knows a garment and art that it began with, and nothing of a blank one', () => {
    expect(knownOf(base)).toEqual([])
    const begun = laid(base, reading({ garment: 'band blazer' }))
    expect(knownOf(begun)).toContain('LABEL')
    expect(knownOf(begun)).not.toContain('ART')
    expect(knownOf(laid(begun, reading({ goesOn: 'crest' })))).toContain('WIDTH')
  })

  it('puts an answer behind the order', () => {
    expect(answered('20 tees.', '100% cotton')).toBe('20 tees, 100% cotton')
    expect(answered(' ', 'tees')).toBe('tees')
  })
})
