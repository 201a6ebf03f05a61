import { describe, expect, it } from 'vitest'
import type { DecorationForm } from '@/api/client'
import shared from '@/testing/shared/pieces-on-a-mat.json'
import {
  newDesign,
  ownColours,
  readAgain,
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
  hasText: false,
  hasGradients: false,
  as: { gradients: 'MEAN', text: null },
}
const decoration = { id: 'a', width: 60, layered: false, materialId: 'roll-1' } as DecorationForm

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

  it('keeps what was chosen for colours that another reading has too', () => {
    const chosen = newDesign(decoration, art, 'film-smooth')
    const set = readAgain(
      {
        ...chosen,
        width: 80,
        colours: chosen.colours.map((each) => ({ ...each, cut: each.colour !== '#ffffff' })),
      },
      {
        ...art,
        id: 'art-2',
        colours: [
          { colour: '#ffffff', near: null },
          { colour: '#1d3c6f', near: null },
          { colour: '#c8102e', near: null },
        ],
      },
    )
    expect(set).toMatchObject({ artId: 'art-2', width: 80 })
    expect(set.colours.map(({ colour, sameAs, cut }) => [colour, sameAs, cut])).toEqual([
      ['#ffffff', null, false],
      // What it was cut as one with is gone.
      ['#1d3c6f', null, true],
      ['#c8102e', null, true],
    ])
  })

  it('is read anew for all but the number of its copies', () => {
    const design = newDesign(decoration, art, 'film-smooth')
    expect(readBy({ ...design, copies: 9 })).toBe(readBy(design))
    expect(readBy({ ...design, newBlade: true })).not.toBe(readBy(design))
  })
})

describe('a piece that is moved', () => {
  const stocks = shared.stocks.map((stock) => ({ ...stock, name: '', colour: '#888888' }))
  const laid = (id: string, at: Partial<LaidPiece>): LaidPiece => ({
    id,
    decoration: 'a',
    colour: '#1d3c6e',
    copy: 1,
    material: 'navy',
    at: { x: 0, y: 0, width: 1, height: 1 },
    turnable: true,
    turned: false,
    wrong: null,
    ...at,
  })

  it.each(shared.cases)('lies as the server says: $name', ({ wrong, material, at, ...more }) => {
    const mat: Mat = { stocks, acts: [], pieces: [laid('q', shared.neighbour)] }
    const { turned = false, turnable = true }: { turned?: boolean; turnable?: boolean } = more
    const moved = laid('p', { material, at, turned, turnable })
    expect(wrongAt(moved, mat, shared.spacing, shared.margin)).toBe(wrong)
  })

  it('lies as the server says beside one on another material', () => {
    const { neighbour, piece, margin, wrong } = shared.acrossTwoMaterials
    const mat: Mat = { stocks, acts: [], pieces: [laid('q', neighbour)] }
    expect(wrongAt(laid('p', piece), mat, shared.spacing, margin)).toBe(wrong)
  })
})
