import { describe, expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import { windowOf } from '@/testing/windowOf'
import SafeRoom from './SafeRoom.vue'

const said = (dial: number, time: number) =>
  mounted(SafeRoom, { window: windowOf(), point: { dial, time } }).text().replace(/\s+/g, ' ')

describe('how far a setting may be off', () => {
  it('says how far it is safe, and what may go wrong beyond', () => {
    const text = said(150, 10)
    expect(text).toMatch(/^Safe from 10 °C cooler to 20 °C hotter, and from \d+ s to \d+ s/)
    expect(text).toMatch(/Cooler.*: it may come off the cloth/)
    expect(text).toContain('hotter')
    expect(text).toContain('dye may tint the print')
  })

  it('says what is wrong where it is not safe at all', () => {
    expect(said(133, 10)).toBe('Not safe as it is set: it may come off the cloth.')
    expect(said(120, 10)).toBe('Not safe as it is set: it comes off the cloth.')
  })
})
