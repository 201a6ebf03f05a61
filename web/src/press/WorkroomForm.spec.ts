import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useUnits } from '@/quantity/units'
import { mounted } from '@/testing/mounted'
import WorkroomForm from './WorkroomForm.vue'

const { temperature } = useUnits()
let body: Record<string, unknown> | null = null
const kept = () => Response.json({ ...body, version: Number(body?.version) + 1 })
let answer = kept

beforeEach(() => {
  body = null
  answer = kept
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      body = JSON.parse(await request.clone().text()) as Record<string, unknown>
      return answer()
    }),
  )
})
afterEach(() => (temperature.value = '°C'))

const room = { air: 20, humidity: 50, version: 2 }

it.each([
  ['°C', '20', '24', 24],
  ['°F', '68', '77', 25],
] as const)('takes the air in %s and keeps it in °C', async (unit, shown, typed, celsius) => {
  temperature.value = unit
  const form = mounted(WorkroomForm, { workroom: room })
  const air = form.find('#air')
  expect((air.element as HTMLInputElement).value).toBe(shown)
  await air.setValue(typed)
  await air.trigger('blur')
  await form.find('form').trigger('submit')
  await vi.waitFor(() => expect(form.emitted('kept')).toHaveLength(1))
  expect(body?.air).toBeCloseTo(celsius, 6)
  expect(body).toMatchObject({ humidity: 50, version: 2 })
})

it('shows what the server refuses, and keeps what was typed', async () => {
  answer = () =>
    new Response(JSON.stringify({ type: 'urn:velvet-kettle:problem:stale', detail: 'Changed elsewhere.' }), {
      status: 409,
      headers: { 'content-type': 'application/problem+json' },
    })
  const form = mounted(WorkroomForm, { workroom: room })
  await form.find('#humidity').setValue('70')
  await form.find('#humidity').trigger('blur')
  await form.find('form').trigger('submit')
  await vi.waitFor(() => expect(form.find('[role=alert]').text()).toContain('Changed elsewhere.'))
  expect((form.find('#humidity').element as HTMLInputElement).value).toBe('70')
})

it('says that a usual room is assumed until it is read', () => {
  expect(mounted(WorkroomForm, { workroom: { ...room, version: 0 } }).text()).toContain('usual room')
  expect(mounted(WorkroomForm, { workroom: room }).text()).not.toContain('usual room')
})
