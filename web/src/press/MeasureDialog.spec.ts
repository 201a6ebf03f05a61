import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { mounted } from '@/testing/mounted'
import MeasureDialog from './MeasureDialog.vue'

const press = {
  id: 'p',
  version: 3,
  measuredLongAgo: false,
  press: { name: 'Big press', kind: 'PLATE_CLAM' },
}
const measured = { calibration: {}, eightOfTen: 3, said: ['Its display reads 8 °C high.'] }

afterEach(() => {
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})

async function typed(id: string, value: string) {
  const field = document.querySelector<HTMLInputElement>(`#${id}`)!
  field.value = value
  field.dispatchEvent(new Event('input'))
  field.dispatchEvent(new Event('blur'))
  await flushPromises()
}

describe('measuring a press', () => {
  it('says what a strip comes to once both of its numbers are there', async () => {
    const fetched = vi.fn(async (request: Request) => {
      void request
      return new Response(JSON.stringify(measured), { headers: { 'Content-Type': 'application/json' } })
    })
    vi.stubGlobal('fetch', fetched)
    mounted(MeasureDialog, { press })
    await flushPromises()
    await typed('strip-dial-0', '150')
    expect(document.body.textContent).not.toContain('reads 8 °C high')
    expect(document.body.textContent).toContain('Not finished: Temperature strips')
    await typed('strip-read-0', '142')
    expect(document.body.textContent).not.toContain('Not finished')
    await vi.waitFor(() => expect(document.body.textContent).toContain('reads 8 °C high'))
    expect(document.body.textContent).toContain('Its display reads 8 °C high.')
    const asked = fetched.mock.calls
      .map(([request]) => request)
      .find(({ url }) => url.endsWith('/api/presses/p/measuring'))!
    expect(await asked.clone().json()).toMatchObject({ strips: [{ dial: 150, read: 142 }], version: 3 })
  })

  it('warns of the burn before anything is laid under the platen', async () => {
    mounted(MeasureDialog, { press })
    await flushPromises()
    expect(document.body.textContent).toContain('A platen burns')
  })
})
