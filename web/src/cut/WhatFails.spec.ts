import { describe, expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import type { Design, DesignReading, Typing } from './designs'
import LetterFields from './LetterFields.vue'
import WhatFails from './WhatFails.vue'

const box = { x: 5, y: 10, width: 30, height: 8, baseline: 6 }
const reading = {
  layers: [{ colour: '#1d3c6e', faults: [], allFaults: 9, broken: [{ box, faults: 9 }] }],
} as unknown as DesignReading
const replacement = { ...box, colour: '#1d3c6e', text: 'CREW', face: 'PLAIN' as const }
const design = (replacements = [replacement]) => ({ width: 60, replacements }) as unknown as Design

const shown = (modelValue: Design, typing: Typing | null) =>
  mounted(WhatFails, { modelValue, typing, chosen: null, reading }, [])

describe('what fails in a design', () => {
  it('offers to type a broken shape anew', async () => {
    const view = shown(design([]), null)
    expect(view.text()).toContain('30')
    await view.find('.broken .ant-btn').trigger('click')
    expect(view.emitted('update:typing')).toEqual([[{ colour: '#1d3c6e', box, path: '' }]])
  })

  it('shows the letters while they are typed, and sets them', () => {
    const typing = { colour: '#1d3c6e', box, path: '' }
    const view = shown(design([]), typing)
    const fields = view.findComponent(LetterFields)
    fields.vm.$emit('show', 'M0 0L1 0')
    expect(view.emitted('update:typing')).toEqual([[{ ...typing, path: 'M0 0L1 0' }]])
    fields.vm.$emit('set', replacement)
    expect(view.emitted('update:modelValue')).toEqual([[design()]])
    expect(view.emitted('update:typing')!.at(-1)).toEqual([null])
  })

  it('takes letters out again, one set and not the others', async () => {
    const second = { ...replacement, text: 'COX' }
    const view = shown(design([replacement, second]), null)
    await view.find('.set .ant-btn').trigger('click')
    expect(view.emitted('update:modelValue')).toEqual([[design([second])]])
  })
})
