import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mounted } from '@/testing/mounted'
import ArtDrawing from './ArtDrawing.vue'
import type { DesignReading, LaidPiece, LayoutView } from './designs'
import FaultList from './FaultList.vue'
import MatDrawing from './MatDrawing.vue'

const reading: DesignReading = {
  bounds: { x: 0, y: 0, width: 60, height: 40 },
  mirrored: true,
  weight: { x: 0, y: 0 },
  face: 'glue side up',
  layers: [
    {
      colour: '#1d3c6e',
      path: 'M0 0L60 0L60 40L0 40Z',
      bounds: { x: 0, y: 0, width: 60, height: 40 },
      holdsStroke: 1,
      faults: [
        {
          kind: 'THIN_STROKE',
          sentence: '0.50 mm across',
          severity: 0.5,
          x: 10,
          y: 12,
        },
        {
          kind: 'LOST_BIT',
          sentence: 'a bit',
          severity: 0.8,
          x: 30,
          y: 12,
        },
      ],
      allFaults: 2,
      pieces: 1,
      toLift: 1,
      cutLength: 200,
      area: 2400,
      weedingSeconds: 20,
      broken: [],
      cutter: null,
    },
  ],
  cleanWidth: 120,
  thinnest: 0.5,
  weedingSeconds: 20,
  cutLength: 200,
  print: null,
  checks: [],
}

const piece: LaidPiece = {
  id: 'a|#1d3c6e|1',
  decoration: 'a',
  colour: '#1d3c6e',
  copy: 1,
  material: 'navy',
  at: { x: 10, y: 20, width: 46, height: 66 },
  turnable: true,
  turned: true,
  wrong: null,
}
const layout: LayoutView = {
  mats: [
    {
      acts: [],
      stocks: [
        {
          id: 'n',
          material: 'navy',
          name: 'Saltline navy',
          colour: '#1d3c6e',
          at: { x: 0, y: 0, width: 200, height: 200 },
          turned: false,
        },
      ],
      pieces: [piece],
    },
  ],
  matWidth: 300,
  matLength: 300,
  margin: 3,
  spacing: 4,
  uses: [],
  yield: 0.8,
  left: [],
  prints: [],
  taken: false,
}

/** Frames are shown at once. */
beforeEach(() => {
  vi.stubGlobal('requestAnimationFrame', (shown: FrameRequestCallback) => {
    shown(0)
    return 1
  })
})
afterEach(() => vi.unstubAllGlobals())

describe('the drawing of a design', () => {
  it('is turned over as it lies on the mat', async () => {
    const drawing = mounted(ArtDrawing, { reading, onMat: false, title: 'badge' })
    expect(drawing.get('svg > g').attributes('transform')).toBeUndefined()
    await drawing.setProps({ onMat: true })
    expect(drawing.get('svg > g').attributes('transform')).toBe('translate(60 0) scale(-1 1)')
  })

  it('shows where it fails, and is asked about by a click', async () => {
    const drawing = mounted(ArtDrawing, { reading, onMat: false, faults: true, title: 'badge' })
    await drawing.findAll('circle')[1]!.trigger('click')
    expect(drawing.emitted('choose')).toEqual([[0, 1]])
  })
})

describe('the list of faults', () => {
  it('has the worst first', () => {
    const list = mounted(FaultList, { reading, chosen: null })
    expect(list.findAll('li').map((item) => item.text())[0]).toContain('A bit')
  })
})

describe('the drawing of a mat', () => {
  const props = { mat: layout.mats[0]!, layout, readings: { a: reading }, number: 1, fixed: false }

  it('lays the shape in the middle of its place, turned and mirrored', () => {
    const drawing = mounted(MatDrawing, props)
    expect(drawing.get('.film').attributes('transform')).toBe(
      'translate(33 53) rotate(90) scale(-1 1) translate(-30 -20)',
    )
  })

  it('moves a piece by keys and turns it', async () => {
    const drawing = mounted(MatDrawing, props)
    await drawing.get('.piece').trigger('keydown', { key: 'ArrowRight', shiftKey: true })
    await drawing.get('.piece').trigger('keydown', { key: 'r' })
    expect(drawing.emitted('move')).toEqual([
      [piece, 20, 20, true],
      [piece, 10, 20, false],
    ])
  })

  it('stays as it is once its material is off the shelf', async () => {
    const drawing = mounted(MatDrawing, { ...props, fixed: true })
    await drawing.get('.piece').trigger('keydown', { key: 'ArrowRight' })
    expect(drawing.emitted('move')).toBeUndefined()
  })
})
