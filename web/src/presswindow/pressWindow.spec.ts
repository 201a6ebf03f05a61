import { describe, expect, it } from 'vitest'
import type { StackData } from '@/api/client'
import { edgePath, outsidePath, roomFor, scalesOf } from './shapes'
import { windowOf } from '@/testing/windowOf'
import { edgeOf, failsFrom, roomAt, settable, stackAt, storyAt, valueAt, verdictAt } from './pressWindow'

const window = windowOf()
const map = window.map!

describe('a point on the map', () => {
  it.each([
    [{ dial: 150, time: 10 }, 'SAFE', 'SAFE', 'SAFE'],
    [{ dial: 133, time: 10 }, 'TIGHT', 'SAFE', 'SAFE'],
    [{ dial: 120, time: 10 }, 'NO', 'SAFE', 'SAFE'],
    [{ dial: 176, time: 10 }, 'SAFE', 'SAFE', 'TIGHT'],
    [{ dial: 186, time: 10 }, 'SAFE', 'SAFE', 'NO'],
  ])('%j has its words', (point, hold, mark, bleed) => {
    expect(verdictAt(window, 'HOLD', point)).toBe(hold)
    expect(verdictAt(window, 'MARK', point)).toBe(mark)
    expect(verdictAt(window, 'BLEED', point)).toBe(bleed)
  })

  it('says how far it may be off each way and what is not safe beyond', () => {
    const room = roomAt(window, { dial: 150, time: 10 })!
    expect(room.cooler).toEqual({ upTo: 10, question: 'HOLD' })
    expect(room.hotter).toEqual({ upTo: 20, question: 'BLEED' })
    expect(room.shorter.question).toBe('HOLD')
    expect(verdictAt(window, 'HOLD', { dial: 150, time: 10 - room.shorter.upTo! })).toBe('SAFE')
    expect(verdictAt(window, 'HOLD', { dial: 150, time: 9 - room.shorter.upTo! })).not.toBe('SAFE')
    expect(roomAt(window, { dial: 120, time: 10 })).toBeNull()
  })

  it('knows from where something fails, or that it does not on the map', () => {
    expect(failsFrom(window, 'BLEED', 10)).toBe(180)
    expect(failsFrom(window, 'MARK', 10)).toBeNull()
  })

  it('reads between temperatures and times', () => {
    expect(valueAt(map, map.glueLine, 120, 10)).toBe(110)
    expect(valueAt(map, map.glueLine, 130, 10)).toBe(120)
    expect(valueAt(map, map.glueLine, 130, 20)).toBe(122.5)
  })

  it('can be set on the press', () => {
    expect(settable(window, { dial: 150.4, time: 9.7 })).toEqual({ dial: 150, time: 10 })
    expect(settable(window, { dial: 300, time: -3 })).toEqual({ dial: 200, time: 1 })
  })

  it('goes from dot to dot on an iron', () => {
    const iron = { ...window, dots: [110, 150, 200] }
    expect(settable(iron, { dial: 140, time: 20 })).toEqual({ dial: 150, time: 20 })
    expect(settable(iron, { dial: 151, time: 20 }, { dial: 150, time: 20 }).dial).toBe(200)
    expect(settable(iron, { dial: 149, time: 20 }, { dial: 150, time: 20 }).dial).toBe(110)
    expect(settable(iron, { dial: 150, time: 21 }, { dial: 150, time: 20 })).toEqual({ dial: 150, time: 21 })
  })

  it('has a Stack and a story of its own', () => {
    const layer = (kind: string, peak: number | null) => ({ kind, name: kind, thickness: 1, peak })
    const stack = {
      side: 'FACE',
      layers: [layer('HEATED_PLATEN', 150), layer('FILM', 140)],
      glueLineBelow: 1,
      glueLinePeak: 140,
      giveOrTake: 5,
    } as unknown as StackData
    const there = stackAt(window, stack, { dial: 130, time: 10 })
    expect(there.layers.map(({ peak }) => peak)).toEqual([130, 125])
    expect(there.glueLinePeak).toBe(120)
    const told = storyAt(window, { limits: [], giveOrTake: 5 } as never, { dial: 130, time: 12 }, 'press')
    expect(told.seconds.at(-1)).toBe(12)
    expect(told.glueLine[0]!.celsius).toHaveLength(told.seconds.length - 1)
  })
})

describe('the drawing of the map', () => {
  const scales = scalesOf(window)

  it('shuts out what is too cool and what bleeds, and nothing where all is well', () => {
    expect(outsidePath(window, 'HOLD', false, scales)).toMatch(/^M.*Z$/)
    expect(outsidePath(window, 'BLEED', false, scales)).toMatch(/^M.*Z$/)
    expect(outsidePath(window, 'MARK', false, scales)).toBe('')
    expect(edgePath(window, 'MARK', false, scales)).toBe('')
    expect(edgePath(window, 'HOLD', true, scales)).not.toBe('')
  })

  it('finds room for words only where they fit', () => {
    const hold = edgeOf(map, 'HOLD', false)
    expect(roomFor(window, [null, hold], scales, 50)).not.toBeNull()
    expect(roomFor(window, [null, hold], scales, 2000)).toBeNull()
  })
})
