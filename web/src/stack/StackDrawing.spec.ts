import { describe, expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import { stack } from '@/testing/plans'
import { bandsOf } from './bands'
import StackDrawing from './StackDrawing.vue'

describe('the Stack', () => {
  it('lies from the hot platen down, without gaps of its own making, inside its height', () => {
    const bands = bandsOf(stack, 420)
    expect(bands.map((b) => b.kind)[0]).toBe('HEATED_PLATEN')
    for (let n = 1; n < bands.length; n++) {
      expect(bands[n]!.y).toBeCloseTo(bands[n - 1]!.y + bands[n - 1]!.height + 3, 6)
    }
    const last = bands.at(-1)!
    expect(last.y + last.height).toBeLessThanOrEqual(420 + 1e-6)
  })

  it('marks the glue line below the glue, and only there', () => {
    expect(bandsOf(stack, 420).filter((b) => b.glueLineBelow)).toHaveLength(1)
    expect(bandsOf({ ...stack, glueLineBelow: null }, 420).some((b) => b.glueLineBelow)).toBe(false)
  })

  it('names every layer and its thickness, and reads as one picture', () => {
    const drawing = mounted(StackDrawing, { stack, depth: 'DARK', hue: 'BLUE', height: 420 })
    for (const layer of stack.layers) expect(drawing.text()).toContain(layer.name)
    expect(drawing.text()).toContain('0.045 mm')
    expect(drawing.text()).toContain('9 mm')
    expect(drawing.find('svg').attributes('aria-label')).toContain('Front, navy interlock')
    expect(drawing.text()).toContain('Glue line')
  })

  it('carries what was computed: each peak, and the glue line with how far it may be off', () => {
    const drawing = mounted(StackDrawing, { stack, depth: 'DARK', hue: 'BLUE', height: 420 })
    expect(drawing.findAll('text.peak').map((t) => t.text())).toEqual([
      '132 °C',
      '131 °C',
      '129 °C',
      '119 °C',
      '56 °C',
    ])
    expect(drawing.find('figcaption').text().replace(/\s+/g, ' ')).toMatch(/129 °C,? ?± 5 °C/)
    const older = {
      ...stack,
      glueLinePeak: null,
      giveOrTake: null,
      layers: stack.layers.map((layer) => ({ ...layer, peak: null })),
    }
    const plain = mounted(StackDrawing, { stack: older, depth: 'DARK', hue: 'BLUE', height: 420 })
    expect(plain.findAll('text.peak')).toHaveLength(0)
    expect(plain.text()).not.toContain('±')
  })

  it('says nothing of a glue line where nothing is bonded', () => {
    const bare = mounted(StackDrawing, {
      stack: { ...stack, glueLineBelow: null },
      depth: 'WHITE',
      hue: 'NEUTRAL',
      height: 300,
    })
    expect(bare.text()).not.toContain('Glue line')
  })
})
