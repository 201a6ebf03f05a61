import { expect, it } from 'vitest'
import { day, late, when } from './when'

const now = '2026-11-24T10:00:00'

it('says weekday and time, and how far off it is', () => {
  expect(when('2026-11-26T14:30:00', now)).toBe('Thu 14:30, in 2 days')
  expect(when('2026-11-24T07:00:00', now)).toBe('Tue 07:00, 3 hours ago')
})

it('adds the date where the weekday alone could mean another week', () => {
  expect(when('2026-12-04T09:00:00', now)).toMatch(/^Fri 4 Dec 09:00/)
})

it('knows what is late', () => {
  expect(late('2026-11-24T09:59:00', now)).toBe(true)
  expect(late('2026-11-24T10:01:00', now)).toBe(false)
})

it('says a day with how long ago it was', () => {
  expect(day('2026-11-26', '2026-11-26T10:00:00')).toBe('26 Nov 2026, today')
  expect(day('2026-05-02', '2026-11-26T10:00:00')).toBe('2 May 2026, 7 months ago')
})
