import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref, type Ref } from 'vue'
import type { Timer } from './progress'
import { useTimer } from './useTimer'

let ended = 0
const running = ref<Timer | null>(null)

function timer(of: Ref<Timer | null> = running, ahead = 0) {
  let inside!: ReturnType<typeof useTimer>
  mount({
    setup() {
      inside = useTimer(
        of,
        () => Date.now() + ahead,
        () => ended++,
      )
      return () => null
    },
  })
  return inside
}

const begin = (seconds: number, ahead = 0) =>
  (running.value = {
    startedAt: new Date(Date.now() + ahead).toISOString(),
    seconds,
    pausedAt: null,
    pausedFor: 0,
  })

beforeEach(() => {
  vi.useFakeTimers()
  running.value = null
  ended = 0
})
afterEach(() => vi.useRealTimers())

describe('the timer', () => {
  it('counts down and says once when the time is up', () => {
    const t = timer()
    expect([t.active.value, t.left.value]).toEqual([false, null])
    begin(13)
    vi.advanceTimersByTime(5_000)
    expect(t.left.value).toBeCloseTo(8, 1)
    vi.advanceTimersByTime(20_000)
    expect(t.over.value).toBe(true)
    expect(ended).toBe(1)
  })

  it('stands still while it is held', () => {
    const t = timer()
    begin(10)
    vi.advanceTimersByTime(4_000)
    running.value = { ...running.value!, pausedAt: new Date(Date.now()).toISOString() }
    vi.advanceTimersByTime(60_000)
    expect([t.paused.value, Math.round(t.left.value!)]).toEqual([true, 6])
    running.value = { ...running.value, pausedAt: null, pausedFor: 60_000 }
    vi.advanceTimersByTime(6_200)
    expect(ended).toBe(1)
  })

  it('ends again when it was lengthened after its end', () => {
    timer()
    begin(2)
    vi.advanceTimersByTime(3_000)
    running.value = { ...running.value!, seconds: 7 }
    vi.advanceTimersByTime(5_000)
    expect(ended).toBe(2)
  })

  it('is right after a sleep of ten minutes, and on a screen whose clock is wrong', () => {
    const t = timer()
    begin(900)
    vi.setSystemTime(Date.now() + 600_000)
    vi.advanceTimersByTime(200)
    expect(t.left.value).toBeCloseTo(300, 0)
    const other = timer(running, 45_000)
    begin(30, 45_000)
    vi.advanceTimersByTime(10_000)
    expect(other.left.value).toBeCloseTo(20, 0)
  })
})
