import { describe, expect, it } from 'vitest'
import {
  discsPath,
  layersFor,
  rolesOf,
  taken,
  usualSum,
  type Layer,
  type SumMark,
  type SumPage,
} from './sums'

const layer = (art: string | null): Layer => ({
  art,
  pattern: 'HEXAGONAL',
  sizes: ['SS10'],
  colour: '#e8edf2',
  direction: 0,
  from: 1,
  to: 1,
})
const discs = (middles: number[]): SumMark => ({
  role: 'STONE',
  path: null,
  colour: '#ffffff',
  diameter: 3,
  middles,
})

describe('sums', () => {
  it('begins with what a thing usually needs', () => {
    expect(usualSum('LABEL')).toBe('LABELS')
    expect(usualSum('STONES')).toBe('STONES')
    expect(usualSum('PANEL')).toBe('SLITS')
    expect(usualSum('LOGO')).toBe('PATCHES')
  })

  it('draws each disc as two half circles round its middle', () => {
    expect(discsPath(discs([10, 20]))).toBe('M8.50 20a1.5 1.5 0 1 0 3 0a1.5 1.5 0 1 0 -3 0')
    expect(discsPath(discs([10, 20, 30, 40])).match(/M/g)).toHaveLength(2)
    expect(discsPath(discs([]))).toBe('')
  })

  it('names each kind of line once', () => {
    const line = (role: SumMark['role']): SumMark => ({
      role,
      path: 'M0 0',
      colour: null,
      diameter: 0,
      middles: [],
    })
    const page: SumPage = { name: 'p', width: 1, height: 1, marks: [line('CUT'), line('FOLD'), line('CUT')] }
    expect(rolesOf(page)).toEqual(['CUT', 'FOLD'])
  })

  it('takes over measures, and of stones their count and sizes', () => {
    const plain = { width: 50, height: 25, colours: 0, stones: 0, stoneSize: null, smallerStones: [] }
    expect(taken(plain)).toEqual({ width: 50, height: 25 })
    const stones = {
      ...plain,
      colours: 2,
      stones: 90,
      stoneSize: 'SS16' as const,
      smallerStones: ['SS10' as const],
    }
    expect(taken(stones)).toMatchObject({
      stones: 90,
      stoneSize: 'SS16',
      smallerStones: ['SS10'],
      colours: 2,
    })
  })

  it('lays stones in place of each colour and keeps what was chosen for one', () => {
    const chosen: Layer = { ...layer('#aa0000'), sizes: ['SS20'] }
    const layers = layersFor([chosen], ['#aa0000', '#00aa00'])
    expect(layers.map(({ art }) => art)).toEqual(['#aa0000', '#00aa00'])
    expect(layers[0]).toBe(chosen)
    expect(layersFor([layer(null)], ['#123456'])[0]).toMatchObject({ art: '#123456', colour: '#123456' })
  })
})
