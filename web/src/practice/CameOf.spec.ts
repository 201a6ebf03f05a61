import { describe, expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import { practised, pressed } from '@/testing/practised'
import CameOf from './CameOf.vue'
import PressTruth from './PressTruth.vue'

const text = (view: { text(): string }) => view.text().replace(/\s+/g, ' ')

describe('what came of a piece', () => {
  it('says it in words, place by place, and what was to blame', () => {
    const view = mounted(CameOf, { pressed })
    expect(text(view)).toContain('comes off')
    expect(text(view)).toContain('12 s would have done better')
    const places = view.findAll('figure')[0]!.findAll('li')
    expect(places).toHaveLength(9)
    expect(places[8]!.text()).toContain('front right: comes off, platen 141 °C')
    expect(places[0]!.text()).toContain('back left: holds')
  })

  it('keeps what the planner would set until it is asked for', async () => {
    const view = mounted(CameOf, { pressed })
    expect(text(view)).not.toContain('155 °C')
    await view.find('.better button').trigger('click')
    expect(text(view)).toContain('155 °C')
    await view.setProps({ pressed: { ...pressed } })
    expect(text(view)).not.toContain('155 °C')
  })

  it('says so where all came out well', () => {
    expect(text(mounted(CameOf, { pressed: { ...pressed, wrong: [] } }))).toContain('It came out well')
  })
})

describe('what a press is like', () => {
  it('reads strips beside the display, and needs heat for them', () => {
    const known = practised(150, null)
    expect(text(mounted(PressTruth, { known, dial: 150, what: 'strips' }))).toContain('front right: 136°')
    expect(text(mounted(PressTruth, { known, dial: null, what: 'strips' }))).toContain('Switch it on')
  })

  it('tells the truth to whoever asks', () => {
    const said = text(mounted(PressTruth, { known: practised(150, null), dial: 150, what: 'truth' }))
    expect(said).toContain('shows more than the platen has: by 7 °C')
    expect(said).toContain('coldest place is front right')
  })
})
