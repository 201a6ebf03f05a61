import { afterEach, expect, it } from 'vitest'
import type { DecorationForm, Plan } from '@/api/client'
import { mounted } from '@/testing/mounted'
import { option, plan } from '@/testing/plans'
import { blankDecoration } from '@/ticket/blankTicket'
import TogetherPanel from './TogetherPanel.vue'

const letters: DecorationForm = { ...blankDecoration(), id: 'a', description: 'letters' }
const stones: DecorationForm = { ...blankDecoration(), id: 'b', description: 'a row of stones' }
const two: Plan = {
  ...plan,
  decorations: ['a', 'b'].map((decoration) => ({ ...plan.decorations[0]!, decoration })),
  together: {
    ...plan.together,
    sequence: [
      {
        decoration: 'b',
        why: 'First, because its press is the hottest.',
        margins: option.margins,
        added: null,
      },
      {
        decoration: 'a',
        why: 'Last.',
        margins: option.margins,
        added: 'They bring the cloth to 98 °C again.',
      },
    ],
    alternatives: [
      { decoration: 'b', medium: 'stone-wand', name: 'stones by wand', longer: 420, tighter: -1 },
      { decoration: 'a', medium: 'film-low', name: 'low-heat film', longer: -60, tighter: 2 },
    ],
  },
}
const panel = (shown: Plan, more = {}) =>
  mounted(TogetherPanel, { plan: shown, decorations: [letters, stones], ...more })

afterEach(() => {
  document.body.innerHTML = ''
})

it('tells the order of work, why, and what every thing has had in the end', () => {
  const items = panel(two).findAll('.sequence li')
  expect(items).toHaveLength(2)
  expect(items[0]!.text()).toContain('a row of stones')
  expect(items[0]!.text()).toContain('the hottest')
  expect(items[1]!.text()).toContain('98 °C again')
  expect(items[1]!.find('.tight').text()).toContain('tight')
})

it('says what another medium costs in time and margins, and takes it', async () => {
  const shown = panel(two)
  const others = shown.findAll('.others li')
  expect(others[0]!.text()).toContain('7:00 min more for the order')
  expect(others[0]!.text()).toContain('one margin gets safer')
  expect(others[1]!.text()).toContain('less for the order')
  expect(others[1]!.text()).toContain('2 margins get tighter')
  await others[0]!.find('button').trigger('click')
  expect(shown.emitted('take')).toEqual([['b', 'stone-wand']])
})

it('names two that clash and what to change, in place of an order', () => {
  const shown = panel({
    ...two,
    together: {
      ...two.together,
      sequence: [],
      clash: { first: 'a', second: 'b', reason: 'It lets go.', lift: 'Put them side by side.' },
    },
  })
  expect(shown.find('[role=alert]').text()).toMatch(
    /“letters” and “a row of stones”.*It lets go.*side by side/,
  )
  expect(shown.find('.sequence').exists()).toBe(false)
})

it('is not there for a single thing, and offers nothing where it only tells', () => {
  expect(
    mounted(TogetherPanel, { plan: two, decorations: [letters] })
      .find('section')
      .exists(),
  ).toBe(false)
  expect(panel(two, { told: true }).find('.others').exists()).toBe(false)
})
