import { describe, expect, it } from 'vitest'
import told from '@/testing/shared/run-progress.json'
import { after, BEGUN, finished, inHand, pieceAt, type Progress, type Report } from './progress'

const STEPS = 3
const AT = '2026-05-04T09:00:00Z'

function event(kind: Report['kind'], more: Partial<Report> = {}): Report {
  return { id: 'e', kind, piece: null, step: null, seconds: null, at: AT, screen: null, ...more }
}

const fold = (...events: Report[]) => events.reduce((now: Progress, one) => after(now, one, STEPS), BEGUN)

describe('progress at the press', () => {
  it('goes on by one step, once and never out of turn', () => {
    const second = fold(event('STEP_DONE', { step: 1 }))
    expect(pieceAt(second, 1).step).toBe(2)
    expect(after(second, event('STEP_DONE', { step: 1 }), STEPS)).toEqual(second)
    expect(after(second, event('STEP_DONE', { step: 3 }), STEPS)).toEqual(second)
  })

  it('has finished a piece with its last step, and begins the next at the first', () => {
    const lying = fold(...[1, 2, 3].map((step) => event('STEP_DONE', { step })))
    expect([pieceAt(lying, 1).step, finished(lying, STEPS)]).toEqual([4, 1])
    const next = after(lying, event('PIECE_DONE'), STEPS)
    expect([inHand(next), pieceAt(next, 2).step, finished(next, STEPS)]).toEqual([2, 1, 1])
  })

  it('tells the time of each piece by when it began', () => {
    const both = fold(
      event('STEP_STARTED', { piece: 1, step: 1, seconds: 60 }),
      event('STEP_STARTED', { piece: 2, step: 1, seconds: 15 }),
    )
    expect(pieceAt(both, 1).timer?.seconds).toBe(60)
    expect(pieceAt(both, 2).timer?.seconds).toBe(15)
  })

  it('is what the server makes of the same events', () => {
    let now = BEGUN
    for (const { then, ...happened } of told.events) {
      now = after(now, happened as Omit<Report, 'id'>, told.steps)
      expect(stamped(now)).toEqual(stamped(then as Progress))
    }
  })
})

/** Moments alike however they are written. */
const stamped = (progress: Progress) =>
  JSON.parse(
    JSON.stringify(progress).replaceAll(/"(\d{4}-[^"]*Z)"/g, (_, at) => `${Date.parse(at)}`),
  ) as unknown
