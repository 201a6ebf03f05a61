import { describe, expect, it } from 'vitest'
import type { DecorationForm } from '@/api/client'
import {
  newDesign,
  ownColours,
  readBy,
  resized,
  withDesign,
  wrongAt,
  type ArtView,
  type CutForm,
  type LaidPiece,
  type Mat,
} from './designs'

const art: ArtView = {
  id: 'art-1',
  name: 'badge',
  width: 40,
  height: 40,
  colours: [
    { colour: '#1d3c6e', near: null },
    { colour: '#1d3c6f', near: '#1d3c6e' },
    { colour: '#ffffff', near: null },
  ],
  skipped: [],
}
const decoration = { id: 'a', width: 60, layered: false, materialId: 'roll-1' } as DecorationForm

function piece(id: string, x: number, y: number, material = 'navy'): LaidPiece {
  const at = { x, y, width: 40, height: 30 }
  return { id, decoration: 'a', colour: '#1d3c6e', copy: 1, material, at, turned: false, wrong: null }
}

const mat = (...pieces: LaidPiece[]): Mat => ({
  stocks: [
    {
      id: 'n',
      material: 'navy',
      name: 'Saltline navy',
      colour: '#1d3c6e',
      at: { x: 0, y: 0, width: 120, height: 120 },
    },
    {
      id: 'r',
      material: 'red',
      name: 'Saltline red',
      colour: '#c8262b',
      at: { x: 120, y: 0, width: 120, height: 120 },
    },
  ],
  pieces,
})

describe('a new design', () => {
  it('is as wide as the ticket has it, with near colours as one', () => {
    const design = newDesign(decoration, art, 'film-smooth')
    expect(design.width).toBe(60)
    expect(design.overlap).toBe('SIDE_BY_SIDE')
    expect(ownColours(design).map(({ colour }) => colour)).toEqual(['#1d3c6e', '#ffffff'])
    expect(design.colours[0]!.materialId).toBe('roll-1')
  })

  it('takes the place of the one before it', () => {
    const empty: CutForm = {
      designs: [],
      lay: { spacing: 4, margin: 3, matWidth: 300, matLength: 300, carrier: 3 },
      version: 0,
    }
    const once = withDesign(empty, newDesign(decoration, art, 'film-smooth'))
    const twice = withDesign(once, { ...once.designs[0]!, width: 80 })
    expect(twice.designs).toHaveLength(1)
    expect(twice.designs[0]!.width).toBe(80)
  })

  it('grows with the letters that are set in it', () => {
    const letters = {
      colour: '#1d3c6e',
      x: 5,
      y: 10,
      width: 30,
      height: 8,
      baseline: 6,
      text: 'CREW',
      face: 'PLAIN' as const,
    }
    const design = { ...newDesign(decoration, art, 'film-smooth'), replacements: [letters] }
    const twice = resized(design, 120)
    expect(twice.width).toBe(120)
    expect(twice.replacements).toEqual([{ ...letters, x: 10, y: 20, width: 60, height: 16, baseline: 12 }])
    expect(resized(twice, 60)).toEqual(design)
  })

  it('is read anew for all but the number of its copies', () => {
    const design = newDesign(decoration, art, 'film-smooth')
    expect(readBy({ ...design, copies: 9 })).toBe(readBy(design))
    expect(readBy({ ...design, newBlade: true })).not.toBe(readBy(design))
  })
})

describe('a piece that is moved', () => {
  it('may lie where it is apart from its neighbours, on its own material, off the edge', () => {
    expect(wrongAt(piece('p', 10, 10), mat(piece('q', 54, 10)), 4, 3)).toBe(false)
  })

  it.each([
    ['too near its neighbour', piece('p', 12, 10)],
    ['too near the edge', piece('p', 1, 10)],
    ['over the edge', piece('p', 100, 10)],
    ['on another material', piece('p', 140, 10)],
    ['on none', piece('p', 10, 130)],
  ])('may not lie %s', (_, moved) => {
    expect(wrongAt(moved, mat(piece('q', 54, 10)), 4, 3)).toBe(true)
  })
})
