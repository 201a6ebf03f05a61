import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { shopClock } from './shopClock'

const SHOP = Date.parse('2026-11-29T10:00:00Z')

const answer = (at: number, thousandths = true) =>
  new Response(null, {
    headers: thousandths ? { 'Shop-Time': new Date(at).toISOString() } : { Date: new Date(at).toUTCString() },
  })

beforeEach(() => vi.useFakeTimers({ now: SHOP, toFake: ['Date', 'performance'] }))
afterEach(() => vi.useRealTimers())

describe("the shop's clock", () => {
  it('is what the application says, half of the way there and back added', () => {
    const clock = shopClock()
    vi.setSystemTime(SHOP + 100)
    expect(clock.set(answer(SHOP + 60_050), SHOP)).toBe(60_000)
    expect(clock.now()).toBe(SHOP + 60_100)
  })

  it('leaves clocks alone that nearly agree, as whole seconds tell no better', () => {
    const clock = shopClock()
    expect(clock.set(answer(SHOP + 200), SHOP)).toBe(0)
    expect(clock.set(answer(SHOP - 4_000, false), SHOP)).toBe(0)
    expect(clock.set(answer(SHOP - 9_000, false), SHOP)).toBe(-9_000)
  })

  it('does not go back because the clock of the device was set back', () => {
    const clock = shopClock()
    expect(clock.now()).toBe(SHOP)
    vi.setSystemTime(SHOP - 3_600_000)
    expect(clock.now()).toBe(SHOP)
  })

  it('notices that a device slept or its clock was set, and not that time went by', () => {
    const clock = shopClock()
    vi.advanceTimersByTime(2_000)
    expect(clock.jumped()).toBe(false)
    vi.setSystemTime(Date.now() + 600_000)
    expect(clock.jumped()).toBe(true)
    expect(clock.jumped()).toBe(false)
  })
})
