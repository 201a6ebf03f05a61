import { describe, expect, it } from 'vitest'
import type { Plan } from '@/api/client'
import { blankDecoration, blankTicket } from './blankTicket'
import { withFilmBelow } from './filmBelow'

const plan = {
  together: {
    placed: [
      {
        decoration: 'b',
        placing: { face: 'BACK', art: { x: -100, y: 70, width: 200, height: 150 } },
      },
    ],
  },
} as unknown as Plan

function ticket() {
  const form = blankTicket('press')
  form.decorations = [
    { ...blankDecoration(), id: 'a', description: 'name' },
    { ...blankDecoration(), id: 'b', description: 'photograph', width: 200, height: 150, placement: 'BACK' },
  ]
  return form
}

describe('a film below the art', () => {
  it('lies where the art lies, reaches beyond it all round, and comes before it', () => {
    const [name, film, art] = withFilmBelow(ticket(), 'b', 'film-block', plan, 'Film below photograph')
    expect(name!.id).toBe('a')
    expect(film).toMatchObject({ id: 'c', medium: 'film-block', width: 204, height: 154, placement: 'BACK' })
    expect(film!.spot).toEqual({ face: 'BACK', fromCentre: 0, belowCollar: 68 })
    expect(art).toMatchObject({ id: 'b', over: 'c', medium: null })
    expect(art!.spot).toEqual({ face: 'BACK', fromCentre: 0, belowCollar: 70 })
  })

  it('is not laid where nobody knows where the art lies, nor below what lies on something', () => {
    const form = ticket()
    expect(withFilmBelow(form, 'a', 'film-block', plan, 'x')).toBe(form.decorations)
    expect(withFilmBelow(form, 'none', 'film-block', plan, 'x')).toBe(form.decorations)
    form.decorations[1]!.over = 'a'
    expect(withFilmBelow(form, 'b', 'film-block', plan, 'x')).toBe(form.decorations)
  })

  it('has a description that can be kept', () => {
    const film = withFilmBelow(ticket(), 'b', 'film-block', plan, 'y'.repeat(300))[1]!
    expect(film.description).toHaveLength(120)
  })
})
