import { describe, expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import type { Thing } from './area'
import GarmentDrawing from './GarmentDrawing.vue'

const crest: Thing = {
  key: 'a',
  kind: 'art',
  name: 'crest',
  area: { x: 60, y: 100, width: 80, height: 80 },
  fill: '#fff',
  ink: '#000',
  hard: false,
}
const zip: Thing = { ...crest, key: 'ZIP 0', kind: 'obstacle', name: 'Zip', hard: true }

function drawing(props = {}) {
  return mounted(GarmentDrawing, {
    outline: {
      points: [
        { x: -265, y: 0 },
        { x: 265, y: 0 },
        { x: 265, y: 635 },
        { x: -265, y: 635 },
      ],
    },
    depth: 'DARK',
    hue: 'BLUE',
    things: [zip, crest],
    chosen: 'a',
    platens: [
      { x: 0, y: 0, width: 400, height: 500 },
      { x: 0, y: 480, width: 400, height: 500 },
    ],
    insert: null,
    title: 'Front, lying flat',
    ...props,
  })
}

describe('the drawing of a garment', () => {
  it('says where each thing lies, in words', () => {
    const said = drawing()
      .findAll('[role=button]')
      .map((thing) => thing.attributes('aria-label'))
    expect(said).toContain('crest, 80 x 80, 100 right of the centre, 100 mm below the collar')
  })

  it('moves the chosen thing by arrow keys, a millimetre or ten', async () => {
    const view = drawing()
    await view.find('[data-thing=a]').trigger('keydown', { key: 'ArrowLeft' })
    await view.find('[data-thing=a]').trigger('keydown', { key: 'ArrowDown', shiftKey: true })
    expect(view.emitted('move')!.map(([thing, area]) => [(thing as Thing).key, area])).toEqual([
      ['a', { ...crest.area, x: 59 }],
      ['a', { ...crest.area, y: 110 }],
    ])
  })

  it('numbers several positions of the platen, and not a single one', () => {
    expect(drawing().findAll('.platen text')).toHaveLength(2)
    const one = drawing({ platens: [{ x: 0, y: 0, width: 400, height: 500 }] })
    expect(one.findAll('.platen text')).toHaveLength(0)
    expect(one.findAll('.platen .edge')).toHaveLength(1)
  })

  it('lies still where it is only looked at', async () => {
    const view = drawing({ fixed: true })
    expect(view.findAll('[role=button]')).toHaveLength(0)
    await view.find('[data-thing=a]').trigger('keydown', { key: 'ArrowLeft' })
    expect(view.emitted('move')).toBeUndefined()
  })
})
