import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Margin } from '@/api/client'
import { i18n } from '@/i18n'
import MarginBar from './MarginBar.vue'

const margin = (verdict: Margin['verdict'], pointer: Margin['pointer']): Margin => ({
  question: 'HOLD',
  verdict,
  figure: '1.4 times',
  reason: '',
  lift: null,
  computed: pointer !== null,
  pointer,
})
const drawn = (of: Margin) => {
  const bar = mount(MarginBar, { props: { margin: of }, global: { plugins: [i18n] } })
  const mark = bar.get('rect.mark')
  return { at: Number(mark.attributes('x')), mark, spread: Number(bar.get('.spread').attributes('width')) }
}

describe('a margin to scale', () => {
  it('stands where its number is, further on the larger it is', () => {
    const places = [0.1, 0.2, 0.3, 0.49, 0.5, 0.62, 0.63, 0.8, 0.9, 0.99].map(
      (at) => drawn(margin('SAFE', { at, likeliest: at })).at,
    )
    expect(places).toEqual([...new Set(places)].sort((a, b) => a - b))
    expect(Math.min(...places)).toBeGreaterThan(0)
    expect(Math.max(...places)).toBeLessThan(137)
  })

  it('reaches up to what is likeliest', () => {
    expect(drawn(margin('SAFE', { at: 0.6, likeliest: 0.8 })).spread).toBeGreaterThan(20)
  })

  it('is hollow where practice has no number', () => {
    const { mark, spread } = drawn(margin('TIGHT', null))
    expect(mark.classes()).toContain('hollow')
    expect(spread).toBe(0)
  })
})
