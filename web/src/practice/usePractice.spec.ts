import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import { mounted } from '@/testing/mounted'
import { practised, pressed } from '@/testing/practised'
import { usePractice, type PieceSettings } from './usePractice'

const settings: PieceSettings = { drying: 0, cover: 'NONE', time: 4, pressure: 'MEDIUM', peelAfter: 4 }
const switchedOn = { dial: 150, standing: 0, work: null }
const closed = { dial: 150, standing: 60, work: { piece: 'tee', settings } }
const body = (moves: unknown[]) => JSON.stringify({ seed: 7, kind: 'PLATE_SWING', trial: null, moves })
const key = (moves: unknown[]) => ['practice', body(moves), 'celsius,mm']

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.setItem(
    'test',
    JSON.stringify({ seed: 7, kind: 'PLATE_SWING', dial: null, moves: [], watched: 0, stood: 0 }),
  )
})
afterEach(() => {
  vi.useRealTimers()
  localStorage.clear()
})

function shift() {
  let practice!: ReturnType<typeof usePractice>
  const Room = {
    setup() {
      practice = usePractice(ref(null), 'test')
      return () => null
    },
  }
  mounted(Room, {}, [
    [key([]), practised(27, null)],
    [key([switchedOn]), practised(27, null)],
    [key([closed]), practised(149, pressed)],
    [
      key([
        { dial: 150, standing: 30, work: null },
        { ...switchedOn, dial: 120 },
      ]),
      practised(88, null),
    ],
  ])
  return practice
}

describe('a shift at a simulated press', () => {
  it('stands cold until it is switched on, then warms up by its own clock', async () => {
    const practice = shift()
    vi.advanceTimersByTime(5_000)
    expect(practice.shown.value).toBe(27)
    practice.set(150)
    await nextTick()
    vi.advanceTimersByTime(3_000)
    expect(practice.kept.value.stood).toBeCloseTo(30)
    expect(practice.shown.value).toBeCloseTo((27 + 150) / 2)
    expect(practice.ready.value).toBe(false)
    practice.skipToReady()
    expect(practice.ready.value).toBe(true)
    expect(practice.watched.value.length).toBeGreaterThan(10)
  })

  it('closes, is watched phase by phase, and tells what came of it at the end', async () => {
    const practice = shift()
    practice.set(150)
    await nextTick()
    practice.skipToReady()
    practice.close('tee', settings)
    await nextTick()
    expect(practice.kept.value.moves).toEqual([closed])
    expect(practice.pressing.value).toBe(true)
    expect(practice.outcome.value).toBeNull()
    practice.speed.value = 1
    vi.advanceTimersByTime(2_000)
    expect(practice.phase.value?.name).toBe('Press')
    expect(practice.shown.value).toBeCloseTo(148.5)
    practice.skipToEnd()
    await nextTick()
    expect(practice.pressing.value).toBe(false)
    expect(practice.outcome.value?.whole.hold.verdict).toBe('NO')
  })

  it('set to something else, keeps how long it stood before', async () => {
    const practice = shift()
    practice.set(150)
    await nextTick()
    vi.advanceTimersByTime(3_000)
    practice.set(120)
    await nextTick()
    expect(practice.kept.value.moves).toEqual([{ dial: 150, standing: 30, work: null }])
    expect(practice.shown.value).toBe(88)
  })

  it('takes back a move that was refused, and begins anew with another press', async () => {
    const practice = shift()
    practice.set(150)
    await nextTick()
    practice.skipToReady()
    practice.close('tee', settings)
    practice.takeBack()
    await nextTick()
    expect(practice.kept.value.moves).toEqual([])
    expect(practice.closing.value).toBe(false)
    practice.another('HAND_LARGE')
    expect(practice.kept.value).toMatchObject({ kind: 'HAND_LARGE', dial: null, moves: [], watched: 0 })
  })
})
