import { describe, expect, it } from 'vitest'
import { blankTicket } from '@/ticket/blankTicket'
import { EMPTY, keptOrder } from './keptOrder'

describe('an order that lies in this browser', () => {
  it.each(['null', '{', '5', '[]', '{}', '"x"', '{"sentence":5}', '', 'undefined'])(
    'is none where it says %s',
    (text) => expect(keptOrder(text)).toEqual(EMPTY),
  )

  it('keeps the sentence, though an older version read it otherwise', () => {
    const older = { sentence: '12 red tees', read: { a: 1 }, base: { garment: null } }
    expect(keptOrder(JSON.stringify(older))).toEqual({ ...EMPTY, sentence: '12 red tees' })
    const chips = { sentence: 'x', read: { read: [], hints: [], values: null }, base: [] }
    expect(keptOrder(JSON.stringify(chips))).toEqual({ ...EMPTY, sentence: 'x' })
  })

  it('comes back as it was left', () => {
    const left = {
      sentence: '12 red tees',
      read: { read: [], hints: [], question: null, values: { pieces: 12 } },
      base: blankTicket('p'),
    }
    expect(keptOrder(JSON.stringify(left))).toEqual(left)
  })
})
