import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it, vi } from 'vitest'
import { mounted } from '@/testing/mounted'
import HowWeWorkView from './HowWeWorkView.vue'

const answered = (school: string, ours: boolean, kept: boolean) => ({
  school,
  name: school,
  why: `why ${school}`,
  ours,
  kept,
})
const view = {
  questions: [
    {
      asks: 'Is it washed first?',
      answers: [answered('PRE_WASH_WHERE_NEEDED', true, false), answered('PRE_WASH_ALWAYS', false, true)],
    },
    {
      asks: 'Is it stitched?',
      answers: [answered('STITCH_BY_WEB', true, true), answered('STITCH_ALWAYS', false, false)],
    },
  ],
  version: 4,
}
let body: unknown = null

beforeEach(() => {
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      if (request.method === 'PUT') body = JSON.parse(await request.clone().text())
      return new Response(JSON.stringify(view), { headers: { 'content-type': 'application/json' } })
    }),
  )
})

it('asks every question, says what speaks for each answer, and keeps the others when one changes', async () => {
  const page = mounted(HowWeWorkView, {}, [[['schools'], view]])
  await flushPromises()
  expect(page.text()).toContain('Is it washed first?')
  expect(page.text()).toContain('why STITCH_ALWAYS')
  await page.findAll('input[type=radio]')[3]!.setValue(true)
  await vi.waitFor(() => expect(body).toEqual({ kept: ['PRE_WASH_ALWAYS', 'STITCH_ALWAYS'], version: 4 }))
})
