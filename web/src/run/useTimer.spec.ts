import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useTimer } from './useTimer'

let ended = 0

function timer(key = 'run') {
  let inside!: ReturnType<typeof useTimer>
  mount({
    setup() {
      inside = useTimer(key, () => ended++)
      return () => null
    },
  })
  return inside
}

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
  ended = 0
})
afterEach(() => vi.useRealTimers())

describe('the timer', () => {
  it('counts down and says once when the time is up', () => {
    const t = timer()
    t.start('0.4', 13)
    expect(t.left.value).toBe(13)
    vi.advanceTimersByTime(5_000)
    expect(t.left.value).toBeCloseTo(8, 1)
    vi.advanceTimersByTime(20_000)
    expect(t.over.value).toBe(true)
    expect(ended).toBe(1)
  })

  it('stands still while paused', () => {
    const t = timer()
    t.start('0.4', 10)
    vi.advanceTimersByTime(4_000)
    t.pause()
    vi.advanceTimersByTime(60_000)
    expect(t.left.value).toBeCloseTo(6, 1)
    expect(ended).toBe(0)
    t.resume()
    vi.advanceTimersByTime(6_200)
    expect(ended).toBe(1)
  })

  it('can be given more time, even after its end, and ends again', () => {
    const t = timer()
    t.start('0.4', 2)
    vi.advanceTimersByTime(3_000)
    expect(ended).toBe(1)
    t.add(5)
    expect(t.over.value).toBe(false)
    vi.advanceTimersByTime(5_000)
    expect(ended).toBe(2)
  })

  it('survives a reload: another page with the same key goes on where it was', async () => {
    const t = timer('same')
    t.start('0.4', 30)
    vi.advanceTimersByTime(10_000)
    await Promise.resolve()
    const reloaded = timer('same')
    expect(reloaded.left.value).toBeCloseTo(20, 0)
    expect(reloaded.isFor('0.4')).toBe(true)
    expect(reloaded.isFor('0.5')).toBe(false)
  })

  it('pausing what is over or not begun does nothing', () => {
    const t = timer()
    t.pause()
    t.resume()
    t.add(5)
    expect(t.active.value).toBe(false)
    t.start('0.1', 1)
    vi.advanceTimersByTime(2_000)
    t.pause()
    expect(t.paused.value).toBe(false)
    t.clear()
    expect(t.left.value).toBeNull()
  })
})
