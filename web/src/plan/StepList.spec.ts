import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Step } from '@/api/client'
import { i18n } from '@/i18n'
import StepList from './StepList.vue'

const step = (number: number, round: number, kind: Step['kind'] = 'HANDLE') =>
  ({
    number,
    round,
    kind,
    instruction: `do ${number}`,
    where: number === 2 ? '83 mm below the collar' : null,
    setting: null,
    timed: null,
    handsOn: 10,
    meanwhile: null,
    why: null,
  }) as unknown as Step

const list = (steps: Step[]) =>
  mount(StepList, {
    props: { steps },
    global: { plugins: [i18n, [VueQueryPlugin, { queryClient: new QueryClient() }]] },
  })

describe('the steps', () => {
  it('say where on the garment', () => {
    expect(list([step(1, 1), step(2, 1)]).text()).toContain('83 mm below the collar')
  })

  it('are parted into rounds only where all pieces go through more than one', () => {
    expect(list([step(1, 1), step(2, 1)]).findAll('.round')).toHaveLength(0)
    const rounds = list([step(1, 1), step(2, 2, 'SET'), step(3, 2)])
    expect(rounds.findAll('.round').map((one) => one.text())).toEqual([
      'All pieces, round 1 of 2',
      'All pieces, round 2 of 2',
    ])
    expect(rounds.text()).toContain('once for all pieces')
  })
})
