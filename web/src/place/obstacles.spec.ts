import { describe, expect, it } from 'vitest'
import { blankGarment } from '@/ticket/blankTicket'
import type { PlacedObstacle } from './area'
import { another, asUsual, lying, place, takeAway } from './obstacles'

const usual: PlacedObstacle[] = [
  { what: 'ZIP', face: 'FRONT', x: -7, y: 0, width: 14, height: 600 },
  { what: 'BUTTON', face: 'FRONT', x: -7, y: 15, width: 14, height: 14 },
  { what: 'BUTTON', face: 'FRONT', x: -7, y: 60, width: 14, height: 14 },
]

const vest = () => ({ ...blankGarment(), obstacles: ['ZIP' as const, 'BUTTON' as const] })

describe('obstacles on a garment', () => {
  it('lie where such usually lie until one is moved', () => {
    const garment = vest()
    expect(lying(garment, usual).map(({ key }) => key)).toEqual(['ZIP 0', 'BUTTON 0', 'BUTTON 1'])
    place(garment, lying(garment, usual), 'BUTTON 1', { x: 50, y: 90, width: 20, height: 20 })
    const now = lying(garment, usual)
    expect(now.find(({ key }) => key === 'BUTTON 1')).toMatchObject({ x: 50, y: 90, width: 20 })
    expect(now.find(({ key }) => key === 'BUTTON 0')).toMatchObject({ x: -7, y: 15 })
    // What was not touched is not kept.
    expect(garment.layout?.placed.every(({ what }) => what === 'BUTTON')).toBe(true)
  })

  it('can be added, taken away and put back', () => {
    const garment = vest()
    expect(another(garment, lying(garment, usual), 'ZIP 0')).toBe('ZIP 1')
    expect(lying(garment, usual).filter(({ what }) => what === 'ZIP')).toHaveLength(2)
    takeAway(garment, lying(garment, usual), 'ZIP 1')
    takeAway(garment, lying(garment, usual), 'ZIP 0')
    expect(garment.obstacles).toEqual(['BUTTON'])
    place(garment, lying(garment, usual), 'BUTTON 0', { x: 9, y: 9, width: 9, height: 9 })
    asUsual(garment, 'BUTTON')
    expect(lying(garment, usual)[0]).toMatchObject({ x: -7, y: 15 })
  })

  it('turn with the garment', () => {
    const garment = vest()
    place(garment, lying(garment, usual), 'ZIP 0', { x: 0, y: 0, width: 9, height: 9, face: 'BACK' })
    expect(lying(garment, usual)[0]!.face).toBe('BACK')
  })
})
