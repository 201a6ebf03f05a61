import { describe, expect, it } from 'vitest'
import { snapped } from './snapping'

const art = (x: number, y: number) => ({ x, y, width: 100, height: 40 })

describe('snapping', () => {
  it('catches the centre line', () => {
    expect(snapped(art(-45, 81), [], 'mm')).toEqual(art(-50, 80))
  })

  it('goes to round offsets of its middle elsewhere', () => {
    // Its middle lies at 73.
    expect(snapped(art(23, 12), [], 'mm')).toEqual(art(25, 10))
  })

  it('lines up with what lies there already', () => {
    const crest = { x: 81, y: 103, width: 60, height: 60 }
    expect(snapped(art(58, 105), [crest], 'mm')).toEqual({ ...art(61, 103) })
  })

  it('takes the nearest of two lines', () => {
    const there = { x: -46, y: 0, width: 100, height: 10 }
    expect(snapped(art(-47, 50), [there], 'mm').x).toBe(-46)
  })

  it('goes by quarters of an inch', () => {
    const at = snapped(art(23, 12), [], 'inch')
    expect(at.y).toBeCloseTo(12.7)
    expect((at.x + 50) / 6.35).toBeCloseTo(Math.round((at.x + 50) / 6.35))
  })
})
