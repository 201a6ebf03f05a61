import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useUnits } from '@/quantity/units'
import { mounted } from '@/testing/mounted'
import MaterialForm from './MaterialForm.vue'
import { formOf } from './materialForm'

const { temperature } = useUnits()
const material = {
  id: 'm',
  mediumName: 'blocker film',
  version: 2,
  material: {
    name: 'Breakwater white',
    medium: 'film-block',
    colour: 'white',
    depth: 'WHITE' as const,
    sheet: {
      temperature: { low: 130, high: 140 },
      time: { low: 12, high: 15 },
      pressure: 'FIRM' as const,
      peel: null,
      cover: null,
      steam: false,
      cutter: { force: 120, depth: null, speed: null, passes: 2, blade: '45 degrees' },
    },
    rollWidthMillimetres: 500,
    leftMillimetres: 8000,
    remnants: [],
    atHand: true,
  },
}
let body: Record<string, unknown> | null = null
let answer = () => new Response('{}', { headers: { 'content-type': 'application/json' } })

beforeEach(() => {
  body = null
  answer = () => new Response('{}', { headers: { 'content-type': 'application/json' } })
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      body = JSON.parse(await request.clone().text()) as Record<string, unknown>
      return answer()
    }),
  )
})
afterEach(() => {
  temperature.value = '°C'
  document.body.innerHTML = ''
})

function type(id: string, value: string) {
  const field = document.querySelector<HTMLInputElement>(`#${id}`)!
  field.value = value
  field.dispatchEvent(new Event('input'))
  field.dispatchEvent(new Event('blur'))
}
const keep = () => document.querySelector<HTMLButtonElement>('.ant-modal-footer .ant-btn-primary')!.click()

describe('a material', () => {
  it('is typed off its sheet, and an emptied field says nothing', async () => {
    const form = mounted(MaterialForm, { material }, [[['vocabulary'], {}]])
    await flushPromises()
    type('coolest', '132')
    type('force', '')
    await flushPromises()
    keep()
    await vi.waitFor(() => expect(form.emitted('kept')).toHaveLength(1))
    expect(body).toMatchObject({ coolest: 132, hottest: 140, cutterForce: null, steam: false, version: 2 })
  })

  it('takes °F and keeps °C', async () => {
    temperature.value = '°F'
    mounted(MaterialForm, { material }, [[['vocabulary'], {}]])
    await flushPromises()
    expect(document.querySelector<HTMLInputElement>('#hottest')!.value).toBe('284')
    type('hottest', '302')
    await flushPromises()
    keep()
    await vi.waitFor(() => expect(body).toMatchObject({ hottest: 150 }))
  })

  it('keeps what was typed where the server refuses it, and says why', async () => {
    answer = () =>
      new Response(JSON.stringify({ type: 'urn:velvet-kettle:problem:refused', detail: 'Give both ends.' }), {
        status: 422,
        headers: { 'content-type': 'application/problem+json' },
      })
    const form = mounted(MaterialForm, { material }, [[['vocabulary'], {}]])
    await flushPromises()
    type('coolest', '')
    await flushPromises()
    keep()
    await vi.waitFor(() => expect(document.body.textContent).toContain('Give both ends.'))
    expect(form.emitted('kept')).toBeUndefined()
    expect(document.querySelector<HTMLInputElement>('#hottest')!.value).toBe('140')
  })

  it('begins as an empty roll of film', () => {
    expect(formOf(null)).toMatchObject({ name: '', medium: 'film-smooth', coolest: null, version: 0 })
  })
})
