import { beforeEach, describe, expect, it } from 'vitest'
import { useUnits } from '@/quantity/units'
import { mounted } from '@/testing/mounted'
import { story } from '@/testing/heat'
import HeatStory from './HeatStory.vue'

const { temperature } = useUnits()
beforeEach(() => (temperature.value = '°C'))

function things(data: unknown) {
  const units = temperature.value === '°F' ? 'fahrenheit,mm' : 'celsius,mm'
  const names = { a: 'crest', b: 'name' }
  return mounted(HeatStory, { planId: 'p', decoration: 'a', names }, [[['heat', 'p', units], data]])
}

const told = (data: unknown) => things([{ decoration: 'a', from: 0, told: data }])

describe('the heat story', () => {
  it('opens where the main press ends, with platen and glue line read there', () => {
    const text = told({ story, untold: null }).text().replace(/\s+/g, ' ')
    expect(text).toContain('10 s Press')
    expect(text).toContain('150 °C')
    expect(text).toContain('132 °C ± 5 °C')
  })

  it('is read at another time by its slider, and jumps to an event', async () => {
    const view = told({ story, untold: null })
    await view.find('input.slider').setValue('15')
    expect(view.text()).toContain('82 °C')
    await view.find('.events button').trigger('click')
    expect((view.find('input.slider').element as HTMLInputElement).value).toBe('6.5')
    expect(view.text()).toContain('The bond is made')
  })

  it('says when to peel on pad and table, and where ten minutes do not do', () => {
    const rows = told({ story, untold: null }).findAll('.peel tbody tr')
    expect(rows[0]!.text()).toContain('20 s')
    expect(rows[1]!.text()).toContain('over 10 min')
  })

  it('shows every face when asked', async () => {
    const view = told({ story, untold: null })
    expect(view.find('.faces').exists()).toBe(false)
    await view.find('button[role=switch]').trigger('click')
    expect(view.findAll('.faces tbody tr')).toHaveLength(2)
    expect(view.find('.faces').text()).toContain('138 °C')
  })

  it('draws only the limits that the chart reaches', () => {
    const chart = told({ story, untold: null }).find('svg')
    expect(chart.text()).toContain('Polyester shines')
    expect(chart.text()).not.toContain('Polyester sticks')
  })

  it('reads in the units of the moment', () => {
    temperature.value = '°F'
    expect(told({ story, untold: null }).text()).toContain('270 °F')
  })

  it('draws the glue lines glue line of the other designs in the time of the ticket', async () => {
    const view = things([
      { decoration: 'b', from: 0, told: { story, untold: null } },
      { decoration: 'a', from: 30, told: { story, untold: null } },
    ])
    expect(view.find('svg').text()).toContain('name')
    expect(view.findAll('.other path')).toHaveLength(story.glueLine.length)
    const slider = view.find('input.slider').element as HTMLInputElement
    expect([slider.min, slider.max, slider.value]).toEqual(['0', '50', '40'])
    expect(view.find('p.now').text()).toContain('10 s')
    expect(view.text().replace(/\s+/g, ' ')).toContain('132 °C ±')
    await view.setProps({ told: { story, untold: null } })
    expect(view.find('.other path').exists()).toBe(false)
  })

  it('counts from the closing of the main press, with a minus before it', async () => {
    const stretches = [
      { name: 'Drying', closed: true, main: false, from: 0, to: 4 },
      { name: 'Press', closed: true, main: true, from: 5, to: 10 },
    ]
    const view = told({ story: { ...story, stretches }, untold: null })
    expect(view.find('p.now').text()).toContain('5 s')
    await view.find('input.slider').setValue('2')
    expect(view.find('p.now').text()).toContain('−3 s')
    expect(view.find('p.now').text()).toContain('Drying')
  })

  it('names every band; those that are too many have numbers and a list', () => {
    const press = (n: number) => ({
      name: `Press at position ${n + 1} of 9`,
      closed: true,
      main: n === 0,
      from: n * 2,
      to: n * 2 + 1,
    })
    const few = told({ story: { ...story, stretches: [press(0), press(1)] }, untold: null })
    expect(few.findAll('.doing').map((name) => name.text())).toEqual([press(0).name, press(1).name])
    expect(few.find('.bands').exists()).toBe(false)
    const many = told({
      story: { ...story, stretches: Array.from({ length: 9 }, (_, n) => press(n)) },
      untold: null,
    })
    expect(many.findAll('.doing').map((name) => name.text())).toEqual('123456789'.split(''))
    expect(many.findAll('.bands li')[8]!.text()).toBe(press(8).name)
  })

  it('says why there is none', () => {
    const view = told({ story: null, untold: 'Nothing is pressed here.' })
    expect(view.text()).toContain('Nothing is pressed here.')
    expect(view.find('svg').exists()).toBe(false)
  })
})
