import { flushPromises } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { api } from '@/api/client'
import { mounted } from '@/testing/mounted'
import CutActs from './CutActs.vue'
import CutterWear from './CutterWear.vue'
import DesignFacts from './DesignFacts.vue'
import type { CutAct, DesignReading } from './designs'

const act = (kind: CutAct['kind'], sentence: string, seconds = 0): CutAct => ({
  kind,
  sentence,
  seconds,
  at: null,
})

describe('how a mat is cut', () => {
  it('folds weeding away where there is much of it, and says how long it takes', () => {
    const weeding = Array.from({ length: 6 }, (_, n) => act('WEED', `Weed navy ${n + 1}`, 20))
    const view = mounted(CutActs, { acts: [act('LEVEL', 'Lay it level'), ...weeding], title: 'Mat 1' })
    expect(view.findAll('ol')[0]!.findAll('li')).toHaveLength(1)
    expect(view.find('details').attributes('open')).toBeUndefined()
    expect(view.find('summary').text()).toContain('2')
    expect(view.findAll('ol')[1]!.attributes('start')).toBe('2')
  })
})

describe('the cutter', () => {
  it('names what is worn, and counts a new blade from nothing', async () => {
    const worn = {
      blade: { told: 'The blade is worn', worn: true },
      mat: { told: 'Used 3 times', worn: false },
    }
    const fresh = { ...worn, blade: { told: 'The blade has cut 0 m', worn: false } }
    vi.spyOn(api, 'GET').mockResolvedValue({ data: worn, response: new Response() } as never)
    const put = vi.spyOn(api, 'PUT').mockResolvedValue({ data: fresh, response: new Response() } as never)
    const view = mounted(CutterWear, {})
    await flushPromises()
    expect(view.find('.worn').text()).toContain('The blade is worn')
    const sure = view.findAllComponents({ name: 'APopconfirm' })[0]!
    sure.vm.$emit('confirm')
    await flushPromises()
    expect(put).toHaveBeenCalledWith('/api/cutter/{part}/{id}', expect.anything())
    expect(view.find('.worn').exists()).toBe(false)
    expect(view.text()).toContain('has cut 0 m')
  })
})

describe('the weight of a design', () => {
  const reading = {
    layers: [],
    bounds: { x: 0, y: 0, width: 60, height: 40 },
    cleanWidth: 60,
    cutLength: 0,
    weedingSeconds: 0,
    print: null,
    weight: { x: -4, y: 0.4 },
  } as unknown as DesignReading
  const shown = (fromCentre: number | null) => mounted(DesignFacts, { reading, width: 60, fromCentre })

  it.each([
    [0, 4],
    [4, 0],
  ])('from %d mm the other middle goes to the centre: %d mm', async (from, to) => {
    const view = shown(from)
    await view.find('.weight .ant-btn').trigger('click')
    expect(view.emitted('centre')).toEqual([[to]])
  })

  it('is told, and nothing offered, where the art lies elsewhere or nobody knows where', () => {
    for (const from of [90, null]) {
      const view = shown(from)
      expect(view.text()).toContain('left of its middle')
      expect(view.text()).not.toContain('below')
      expect(view.find('.weight .ant-btn').exists()).toBe(false)
    }
  })
})
