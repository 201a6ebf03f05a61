import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { mounted } from '@/testing/mounted'
import LetterFields from './LetterFields.vue'

const box = { x: 5, y: 10, width: 30, height: 8, baseline: 6 }
let held: ((answer: Response) => void)[] = []

beforeEach(() => {
  held = []
  vi.useFakeTimers()
  vi.stubGlobal('fetch', (request: Request) =>
    request.url.endsWith('/letters')
      ? new Promise<Response>((answer) => held.push(answer))
      : Promise.resolve(Response.json({ terms: [] })),
  )
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function typing(...texts: string[]) {
  const view = mounted(LetterFields, { box, colour: '#1d3c6e' })
  for (const text of texts) {
    await view.find('#letters-text').setValue(text)
    await flushPromises()
    await vi.advanceTimersByTimeAsync(200)
  }
  return view
}

it('shows the letters typed last, whichever answer comes last', async () => {
  const view = await typing('CRE', 'CREW')
  held[1]!(Response.json({ path: 'crew', stretched: 1 }))
  await vi.waitFor(() => expect(view.emitted('show')).toEqual([['crew']]))
  held[0]!(Response.json({ path: 'cre', stretched: 2 }))
  await vi.advanceTimersByTimeAsync(500)
  await flushPromises()
  expect(view.emitted('show')).toEqual([['crew']])
  expect((view.find('#letters-text').element as HTMLInputElement).value).toBe('CREW')
})

it('says why letters cannot be set, and takes it back with the next ones', async () => {
  const view = await typing('☃')
  held[0]!(Response.json({ detail: 'This face has no “☃”.' }, { status: 422 }))
  await vi.waitFor(() => expect(view.find('[role=alert]').text()).toContain('no “☃”'))
  await view.find('#letters-text').setValue('CREW')
  await vi.advanceTimersByTimeAsync(200)
  expect(view.find('[role=alert]').exists()).toBe(false)
})
