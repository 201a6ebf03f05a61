import { describe, expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import { margin, option, plan } from '@/testing/plans'
import { currentOption, needsCutting } from '@/ticket/currentOption'
import CompareOptions from '@/plan/CompareOptions.vue'
import MarginBar from '@/presswindow/MarginBar.vue'
import OptionRow from '@/plan/OptionRow.vue'
import RecipePresses from '@/plan/RecipePresses.vue'
import RuledOutList from '@/plan/RuledOutList.vue'
import StationRibbon from './StationRibbon.vue'

const words: [unknown[], unknown][] = [
  [
    ['vocabulary'],
    {
      question: [
        { value: 'HOLD', name: 'Hold' },
        { value: 'BLEED', name: 'Bleed' },
      ],
      verdict: [
        { value: 'SAFE', name: 'safe' },
        { value: 'TIGHT', name: 'tight' },
        { value: 'NO', name: 'no' },
      ],
      pressure: [{ value: 'FIRM', name: 'firm' }],
      peel: [{ value: 'COLD', name: 'cold' }],
    },
  ],
]

describe('a margin', () => {
  it.each(['SAFE', 'TIGHT', 'NO'] as const)('says %s in a word, never by colour alone', (verdict) => {
    const bar = mounted(MarginBar, { margin: { ...margin, verdict }, reason: true }, words)
    expect(bar.text()).toContain(verdict.toLowerCase())
    expect(bar.text()).toContain('+1 s in hand')
    expect(bar.text()).toContain('Inside its window.')
  })

  it('says where it comes from practice', () => {
    expect(mounted(MarginBar, { margin, reason: true }, words).text()).not.toContain('practice')
    const practice = { ...margin, computed: false }
    expect(mounted(MarginBar, { margin: practice, reason: true }, words).text()).toContain('practice')
  })
})

describe('a method that will do', () => {
  const row = (taken = false) =>
    mounted(OptionRow, { option, rank: 1, press: 'Big press', taken, shown: true, busy: false }, words)

  it('shows its setting, pressure, peel, keep back and reasons', () => {
    const text = row().text().replace(/\s+/g, ' ')
    for (const part of [
      'Blocker film',
      '139',
      '13',
      'firm',
      'cold',
      '3 days',
      'Nothing else will do here.',
    ]) {
      expect(text).toContain(part)
    }
  })

  it('shows its Stack by keyboard too', async () => {
    const offered = row()
    await offered.find('button.look').trigger('click')
    expect(offered.emitted('look')).toHaveLength(1)
    expect(offered.find('button.look').attributes('aria-pressed')).toBe('true')
  })

  it('is taken with its button, and says when it is', async () => {
    const offered = row()
    await offered.find('button.take').trigger('click')
    expect(offered.emitted('take')).toHaveLength(1)
    expect(offered.emitted('look')).toBeUndefined()
    expect(row(true).text()).toContain('taken')
  })
})

describe('the station ribbon', () => {
  const stations = [
    { station: 'GARMENT', state: 'DONE', note: 'Done' },
    { station: 'METHOD', state: 'OPEN', note: 'Choose one' },
  ]

  it('shows five stations in the order of the work, with what each says', () => {
    const ribbon = mounted(StationRibbon, { current: 'method', stations, ticketId: 'x' })
    expect(ribbon.findAll('.station').map((s) => s.find('strong').text())).toEqual([
      'Garment',
      'Method',
      'Cut',
      'Press',
      'Check',
    ])
    expect(ribbon.text()).toContain('Choose one')
    expect(ribbon.find('[aria-current="step"]').text()).toContain('Method')
    expect(ribbon.findAll('a')).toHaveLength(5)
  })

  it('locks nothing, but a ticket that is not kept yet has nowhere to go', () => {
    const ribbon = mounted(StationRibbon, { current: 'garment', stations: [], ticketId: undefined })
    expect(ribbon.findAll('a')).toHaveLength(0)
  })
})

describe('the current option', () => {
  it('is the one that the steps are for', () => {
    expect(currentOption(plan)?.medium).toBe('film-block')
    expect(currentOption(null)).toBeNull()
    const sewn = { ...plan, decorations: [{ ...plan.decorations[0]!, medium: 'no-heat' }] }
    expect(currentOption(sewn)).toBeNull()
  })

  it('needs cutting or printing, or is already made', () => {
    const layUp = { ...option.recipe.layUp, cutFace: 'ALREADY_MADE' as const }
    const made = { ...option, recipe: { ...option.recipe, layUp } }
    expect(needsCutting(option)).toBe(true)
    expect(needsCutting(made)).toBe(false)
    expect(needsCutting(null)).toBe(false)
  })
})

describe('two methods side by side', () => {
  it('shows margins, settings and every score of both', () => {
    const other = {
      ...option,
      medium: 'film-smooth',
      name: 'everyday film',
      press: 'Clam',
      standing: {
        ...option.standing,
        scores: [{ criterion: 'WEAR' as const, points: 2, why: 'some dozen washes.' }],
      },
    }
    const text = mounted(CompareOptions, { options: [option, other] }, words)
      .text()
      .replace(/\s+/g, ' ')
    for (const part of ['As long as the garment.', 'Some dozen washes.', '2, Big press', '2, Clam']) {
      expect(text).toContain(part)
    }
  })

  it('is taken with what lies below it, where it cannot lie alone', async () => {
    const row = mounted(
      OptionRow,
      { option, rank: 1, press: 'Big press', taken: false, shown: true, busy: false, below: 'white film' },
      words,
    )
    expect(row.get('h3').text()).toContain('Blocker film over white film')
    const take = row.findAll('button').at(-1)!
    expect(take.text()).toBe('Take both')
    await take.trigger('click')
    expect(row.emitted('take')).toHaveLength(1)
  })
})

describe('the presses of a recipe', () => {
  it('lists every closing in its order, the tool and the glue side', () => {
    const text = mounted(RecipePresses, { option }, words).text().replace(/\s+/g, ' ')
    expect(text).toContain('First press')
    expect(text).toContain('Second press')
    expect(text).not.toContain('Second second')
    expect(text).toContain('On Big press.')
    expect(text).toContain('Turn it to about 5 of 9.')
    expect(text).toContain('Glue is the dull side.')
  })

  it('begins with what has to be tried first', () => {
    const tried = { ...option, advice: { ...option.advice, testFirst: 'Try it first on a swatch.' } }
    expect(mounted(RecipePresses, { option: tried }, words).get('[role=note]').text()).toContain('swatch')
  })
})

describe('what is ruled out', () => {
  it('says why, and what would bring it back', () => {
    const out = {
      medium: 'film-smooth',
      name: 'everyday film',
      question: 'BLEED' as const,
      reason: 'Dye comes through.',
      lift: 'Needs a blocker film.',
      bySetting: false,
    }
    const saved = {
      ...out,
      medium: 'film-print',
      name: 'printed film',
      reason: 'It would.',
    }
    const same = { ...out, medium: 'film-stretch', name: 'stretch film' }
    const other = { ...out, medium: 'sub-direct', name: 'sublimation', reason: 'Navy hides it.' }
    const list = mounted(RuledOutList, { ruledOut: [out, other, same, saved] }, words)
    expect(list.findAll('dl > div')).toHaveLength(3)
    const text = list.text()
    for (const part of [
      'Everyday film, stretch film',
      'Bleed:',
      'Dye comes through.',
      'Needs a blocker film.',
    ]) {
      expect(text).toContain(part)
    }
  })
})
