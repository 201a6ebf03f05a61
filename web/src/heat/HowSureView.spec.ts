import { expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import HowSureView from './HowSureView.vue'

const certainty = {
  facts: [
    { basis: 'HANDBOOK', says: 'Density of the fibres.' },
    { basis: 'FITTED', says: 'Everyday hot melt flows from 95 °C.' },
  ],
  practice: [
    { setting: 'Film on a tee', practice: '15 s hold', predicted: 'Bonded after 5 s', agrees: true },
    { setting: 'Steam iron', practice: '60 s', predicted: '30 s', agrees: false },
  ],
  bands: ['15 °C off either way.'],
  leftOut: ['Edges and seams.'],
}

it('says what it stands on by its basis, and counts what agrees with practice', () => {
  const view = mounted(HowSureView, {}, [[['certainty', 'celsius,mm'], certainty]])
  const text = view.text()
  for (const part of ['15 °C off either way.', 'Edges and seams.', '1 of 2 agree']) {
    expect(text).toContain(part)
  }
  expect(view.findAll('td.no')).toHaveLength(1)
  const fitted = view.findAll('section').find((s) => s.text().startsWith('Fitted to practice'))
  expect(fitted?.text()).toContain('Everyday hot melt')
  expect(fitted?.text()).not.toContain('Density of the fibres')
})
