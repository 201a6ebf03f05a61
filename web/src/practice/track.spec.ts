import { describe, expect, it } from 'vitest'
import { isReady, readTrack, readyAt } from './track'

const track = { seconds: [0, 10, 20, 30, 40], celsius: [20, 120, 148, 149.5, 150.2] }

describe('the display over time', () => {
  it('is read between its moments, and keeps its last reading', () => {
    expect(readTrack(track, 0)).toBe(20)
    expect(readTrack(track, 5)).toBe(70)
    expect(readTrack(track, 15)).toBe(134)
    expect(readTrack(track, 400)).toBe(150.2)
    expect(readTrack({ seconds: [], celsius: [] }, 3)).toBe(0)
  })

  it('is ready from when it stays at its setting', () => {
    expect(readyAt(track, 150)).toBe(30)
    expect(readyAt({ seconds: [0, 10, 20], celsius: [150, 160, 150] }, 150)).toBe(20)
  })

  it('is not ready before the end where it never comes there', () => {
    expect(readyAt(track, 190)).toBe(40)
    expect(isReady(149, 150)).toBe(true)
    expect(isReady(148, 150)).toBe(false)
  })
})
