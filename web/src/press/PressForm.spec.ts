import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useUnits } from '@/quantity/units'
import { mounted } from '@/testing/mounted'
import PressForm from './PressForm.vue'

const { temperature } = useUnits()
const press = {
  id: 'p',
  version: 3,
  press: {
    name: 'Big press',
    kind: 'PLATE_CLAM',
    platenWidth: 380,
    platenDepth: 380,
    calibration: { readsHigh: 5, giveOrTake: 4, measured: true },
    closing: { newtons: 9000, scale: 9 },
    cladInPtfe: true,
    tips: [],
  },
}
let body: Record<string, unknown> | null = null

beforeEach(() => {
  body = null
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      body = JSON.parse(await request.clone().text()) as Record<string, unknown>
      return new Response('{}', { headers: { 'content-type': 'application/json' } })
    }),
  )
})
afterEach(() => {
  temperature.value = '°C'
  document.body.innerHTML = ''
})

it.each([
  ['°C', '5', '7', 7],
  ['°F', '9', '18', 10],
] as const)('takes the difference in %s and keeps it in kelvin', async (unit, shown, typed, kelvin) => {
  temperature.value = unit
  const form = mounted(PressForm, { press })
  await flushPromises()
  const field = document.querySelector<HTMLInputElement>('#reads-high')!
  expect(Number(field.value)).toBe(Number(shown))
  field.value = typed
  field.dispatchEvent(new Event('input'))
  field.dispatchEvent(new Event('blur'))
  await flushPromises()
  document.querySelector<HTMLButtonElement>('.ant-modal-footer .ant-btn-primary')!.click()
  await vi.waitFor(() => expect(form.emitted('kept')).toHaveLength(1))
  expect(body).toMatchObject({
    readsHigh: kelvin,
    newtons: 9000,
    scale: 9,
    cladInPtfe: true,
    version: 3,
  })
})

it('keeps what the work lies on, and leaves it to the usual once it is another kind of tool', async () => {
  const on = { ...press, press: { ...press.press, lower: 'BARE' } }
  const form = mounted(PressForm, { press: on })
  await flushPromises()
  const save = async (often: number) => {
    document.querySelector<HTMLButtonElement>('.ant-modal-footer .ant-btn-primary')!.click()
    await vi.waitFor(() => expect(form.emitted('kept')).toHaveLength(often))
  }
  await save(1)
  expect(body).toMatchObject({ lower: 'BARE' })
  form.findAllComponents({ name: 'ChoiceField' })[0]!.vm.$emit('update:modelValue', 'PLATE_SWING')
  await flushPromises()
  await save(2)
  expect(body).toMatchObject({ kind: 'PLATE_SWING', lower: null })
})
