import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useUnits } from '@/quantity/units'
import { mounted } from '@/testing/mounted'
import OutcomeForm from './OutcomeForm.vue'

const words: [unknown[], unknown][] = [
  [
    ['vocabulary'],
    {
      seen: [
        { value: 'GOOD_BOND', name: 'good bond' },
        { value: 'EDGE_LIFTS', name: 'edge lifts' },
      ],
    },
  ],
]

let body: Record<string, unknown> | null = null

beforeEach(() => {
  body = null
  useUnits().temperature.value = '°C'
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      body = JSON.parse(await request.clone().text()) as Record<string, unknown>
      return new Response('{}', { headers: { 'content-type': 'application/json' } })
    }),
  )
})

const form = () => mounted(OutcomeForm, { runId: 'r', pieces: 3, most: 5 }, words)

describe('how it came out', () => {
  it('asks which of several things a bad piece is about', async () => {
    const decorations = [
      { id: 'a', description: 'crest' },
      { id: 'b', description: 'own name' },
    ]
    const f = mounted(OutcomeForm, { runId: 'r', pieces: 3, most: 5, decorations }, words)
    expect(f.text()).not.toContain('own name')
    await f.find('#bad').setValue('1')
    await f.find('#bad').trigger('blur')
    const choice = f.findAll('button.seen').find((b) => b.text() === 'own name')!
    await choice.trigger('click')
    await f
      .findAll('button.seen')
      .find((b) => b.text().toLowerCase() === 'edge lifts')!
      .trigger('click')
    await f.find('form').trigger('submit')
    await vi.waitFor(() => expect(body).toMatchObject({ bad: 1, decoration: 'b' }))
  })

  it('logs the pieces that were pressed as good, unless something else is said', async () => {
    const f = form()
    await f.find('form').trigger('submit')
    await vi.waitFor(() => expect(f.emitted('logged')).toHaveLength(1))
    expect(body).toMatchObject({ good: 3, bad: 0, seen: ['GOOD_BOND'], temperature: null, time: null })
  })

  it('asks what is wrong before it logs a bad piece', async () => {
    const f = form()
    await f.find('#bad').setValue('1')
    await f.find('#bad').trigger('blur')
    expect(f.text()).toContain('Say what is wrong')
    await f.find('form').trigger('submit')
    await flushPromises()
    expect(body).toBeNull()
    await f.findAll('button.seen')[1]!.trigger('click')
    await f.find('form').trigger('submit')
    await vi.waitFor(() => expect(f.emitted('logged')).toHaveLength(1))
    expect(body).toMatchObject({ bad: 1, seen: ['GOOD_BOND', 'EDGE_LIFTS'] })
  })

  it('takes what the display showed in the units of the moment', async () => {
    useUnits().temperature.value = '°F'
    const f = form()
    await f.find('#temperature').setValue('302')
    await f.find('#temperature').trigger('blur')
    await f.find('form').trigger('submit')
    await vi.waitFor(() => expect(f.emitted('logged')).toHaveLength(1))
    expect(body?.temperature).toBeCloseTo(150, 6)
  })

  it('can be left for later', async () => {
    const f = form()
    await f.find('button.later').trigger('click')
    expect(f.emitted('later')).toHaveLength(1)
  })
})
