import { describe, expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import { windowOf } from '@/testing/windowOf'
import WindowMap from './WindowMap.vue'

describe('the map', () => {
  it('says its point and its words, and is moved by keys', async () => {
    const map = mounted(WindowMap, { window: windowOf(), modelValue: { dial: 150, time: 10 } })
    const point = map.get('[role=slider]')
    expect(point.attributes('aria-valuetext')).toBe('150 °C, 10 s, Hold safe, Mark safe, Bleed safe')
    await point.trigger('keydown', { key: 'ArrowRight' })
    await point.trigger('keydown', { key: 'ArrowUp', shiftKey: true })
    await point.trigger('keydown', { key: 'a' })
    expect(map.emitted('update:modelValue')).toEqual([[{ dial: 151, time: 10 }], [{ dial: 151, time: 20 }]])
    expect(map.emitted('settled')).toHaveLength(2)
  })

  it('marks the most forgiving setting while another one is looked at', async () => {
    const map = mounted(WindowMap, { window: windowOf(), modelValue: { dial: 150, time: 10 } })
    expect(map.find('.best').exists()).toBe(true)
    await map.setProps({ modelValue: { dial: 155, time: 10 } })
    expect(map.find('.best').exists()).toBe(false)
  })

  it('names its parts in words, not by colour alone', () => {
    const map = mounted(WindowMap, { window: windowOf(), modelValue: { dial: 150, time: 10 } })
    expect(map.get('.words').text()).toContain('comes off')
    expect(map.get('.words').text()).toContain('holds, no mark')
    expect(map.find('.words .mark').exists()).toBe(false)
  })
})
