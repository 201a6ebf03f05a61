import { describe, expect, it } from 'vitest'
import told from '@/testing/shared/run-progress.json'
import { after, type EventKind, type Progress } from './progress'

const STEPS = 3
const begin: Progress = { step: 1, piecesDone: 0, finished: 0, trouble: 0 }

describe('progress at the press', () => {
  it('goes on by one step', () => {
    expect(after(begin, 'STEP_DONE', 1, STEPS).step).toBe(2)
  })

  it('counts a step once and never out of turn', () => {
    const second = after(begin, 'STEP_DONE', 1, STEPS)
    expect(after(second, 'STEP_DONE', 1, STEPS)).toEqual(second)
    expect(after(second, 'STEP_DONE', 3, STEPS)).toEqual(second)
  })

  it('has finished a piece with its last step, and begins the next at the first', () => {
    const last: Progress = { ...begin, step: STEPS }
    const lying = after(last, 'STEP_DONE', STEPS, STEPS)
    expect(lying).toMatchObject({ step: STEPS + 1, finished: 1, piecesDone: 0 })
    expect(after(lying, 'PIECE_DONE', null, STEPS)).toMatchObject({ step: 1, finished: 1, piecesDone: 1 })
  })

  it('goes back, notes trouble, and is not moved by the clock', () => {
    const third: Progress = { ...begin, step: 3 }
    expect(after(third, 'STEP_BACK', 2, STEPS).step).toBe(2)
    expect(after(third, 'SOMETHING_WRONG', 3, STEPS).trouble).toBe(1)
    for (const kind of ['PAUSED', 'RESUMED', 'TIME_ADDED', 'STEP_STARTED', 'STEP_STARTED_AGAIN'] as const) {
      expect(after(third, kind, 3, STEPS)).toEqual(third)
    }
  })

  it('is what the server makes of the same events', () => {
    let now = begin
    for (const { kind, step, then } of told.events) {
      now = after(now, kind as EventKind, step, told.steps)
      expect([now.step, now.piecesDone, now.finished, now.trouble]).toEqual(then)
    }
  })
})
