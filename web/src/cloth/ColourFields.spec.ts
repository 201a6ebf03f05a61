import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { GarmentForm } from '@/api/client'
import { blankGarment } from '@/ticket/blankTicket'
import { mounted } from '@/testing/mounted'
import ColourFields from './ColourFields.vue'

const COLOURS: Record<string, object> = {
  'black cloth': { colour: 'black', depth: 'DARK', hue: 'NEUTRAL' },
  'navy cloth': { colour: 'navy', depth: 'DARK', hue: 'BLUE' },
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('fetch', async (request: Request) => {
    const { sentence } = (await request.json()) as { sentence: string }
    return Response.json({ values: COLOURS[sentence] ?? { colour: null, depth: null, hue: null } })
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function settle() {
  await vi.advanceTimersByTimeAsync(300)
  await flushPromises()
  await vi.advanceTimersByTimeAsync(50)
}

async function fields(garment: Partial<GarmentForm>) {
  const model = { ...blankGarment(), ...garment }
  const view = mounted(ColourFields, { modelValue: model }, [
    [
      ['vocabulary'],
      {
        depth: [
          { value: 'WHITE', name: 'white' },
          { value: 'DARK', name: 'dark' },
        ],
      },
    ],
  ])
  await settle()
  return view
}
const now = (view: Awaited<ReturnType<typeof fields>>) => view.props('modelValue') as GarmentForm

it('sets depth and hue by the word that is typed', async () => {
  const view = await fields({})
  await view.get('#colour').setValue('navy')
  await settle()
  expect(now(view)).toMatchObject({ colour: 'navy', depth: 'DARK', hue: 'BLUE' })
  expect(view.find('.odd').exists()).toBe(false)
})

it('leaves what nobody knows, and what was chosen after the word', async () => {
  const view = await fields({})
  await view.get('#colour').setValue('harbour mist')
  await settle()
  expect(now(view)).toMatchObject({ depth: 'WHITE', hue: 'NEUTRAL' })
  await view.get('#colour').setValue('black')
  now(view).depth = 'MEDIUM'
  await settle()
  expect(now(view).depth).toBe('MEDIUM')
})

it('asks about a black cloth that is called white, at once and once', async () => {
  const view = await fields({ colour: 'black', depth: 'WHITE' })
  expect(view.get('.odd').text()).toContain('“black” is mostly dark. Is this cloth white?')
  await view.findAll('.odd button')[0]!.trigger('click')
  expect(now(view).depth).toBe('DARK')
  const other = await fields({ colour: 'black', depth: 'WHITE' })
  await other.findAll('.odd button')[1]!.trigger('click')
  expect(other.find('.odd').exists()).toBe(false)
  expect(now(other).depth).toBe('WHITE')
})
