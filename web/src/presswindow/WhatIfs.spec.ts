import { describe, expect, it } from 'vitest'
import type { Schemas, TicketForm } from '@/api/client'
import { mounted } from '@/testing/mounted'
import { unsettled, type Trial } from './useTrial'
import WhatIfs from './WhatIfs.vue'

const ticket = {
  title: 'trial',
  customer: '',
  roster: [],
  version: 0,
  decorations: [],
} as unknown as TicketForm
const trial: Trial = { ticket, decoration: 'a', medium: 'film-smooth' }
const margins = {} as Schemas['Margins']

const whatIf = (
  what: string,
  wider: number,
  kept: boolean,
  kind: Schemas['WhatIf']['kind'] = 'COVER',
): Schemas['WhatIf'] => ({
  kind,
  what,
  difference: 'the same',
  told: ['the bond is the same'],
  margins,
  glueLine: 0,
  wider,
  kept: kept ? unsettled('film-smooth') : null,
  keeping: kept ? 'Keep it so' : null,
})

function asked(all: Schemas['WhatIf'][], strays = 3) {
  const key = ['trial', 'what-ifs', JSON.stringify(trial), 'celsius,mm']
  return mounted(WhatIfs, { trial, strays }, [[key, all]])
}
const chips = (view: ReturnType<typeof asked>, of: string) =>
  view.findAll(`.chips.${of} button`).map((chip) => chip.text().replace(/\s+/g, ' '))

describe('what if', () => {
  it('says first what would widen the window, of what can be kept', () => {
    const view = asked([
      whatIf('Pad inside', 2, true),
      whatIf('Nothing over it', 5, true),
      whatIf('From the back', 7, false),
      whatIf('Platen 10 °C cooler', 9, true, 'COOLER_PLATEN'),
      whatIf('One layer of cotton', -4, true),
    ])
    expect(chips(view, 'more')).toEqual(['Nothing over it 5 s more room', 'Pad inside 2 s more room'])
    expect(chips(view, 'whatIf')).toHaveLength(3)
  })

  it('says so where nothing would, and that a measured press has a smaller oval', () => {
    const view = asked([whatIf('One layer of cotton', -4, true)], 11)
    expect(view.text()).toContain('Nothing that is tried here would give more.')
    expect(view.text()).toContain('Measure this press')
    expect(chips(view, 'whatIf')).toEqual(['One layer of cotton the same'])
  })

  it('never says of one thing that it gives more room and something else beside it', async () => {
    const view = asked([whatIf('Pad inside', 2, true)])
    expect(chips(view, 'more')[0]).not.toContain('the same')
    await view.find('.chips button').trigger('click')
    expect(view.text()).toContain(
      '2 s more room, at the setting that is then best. As it is set now: the bond is the same.',
    )
  })

  it('opens one in words, and keeps it', async () => {
    const view = asked([whatIf('Pad inside', 2, true)])
    await view.find('.chips button').trigger('click')
    expect(view.text()).toContain('the bond is the same')
    await view.find('.told .ant-btn').trigger('click')
    expect(view.emitted('keep')).toEqual([[unsettled('film-smooth')]])
  })
})
