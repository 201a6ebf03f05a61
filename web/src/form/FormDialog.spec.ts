import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Component } from 'vue'
import ClothForm from '@/log/ClothForm.vue'
import MeasureDialog from '@/press/MeasureDialog.vue'
import PressForm from '@/press/PressForm.vue'
import MaterialForm from '@/shelf/MaterialForm.vue'
import { mounted } from '@/testing/mounted'

let letGo: ((version: number) => void)[] = []
const bodies: Record<string, unknown>[] = []

beforeEach(() => {
  letGo = []
  bodies.length = 0
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      if (request.method !== 'PUT')
        return new Response('{"terms":[],"items":[]}', { headers: { 'content-type': 'application/json' } })
      bodies.push(JSON.parse(await request.clone().text()) as Record<string, unknown>)
      return new Promise<Response>((answer) => letGo.push((version) => answer(Response.json({ version }))))
    }),
  )
})
afterEach(() => (document.body.innerHTML = ''))

const press = {
  id: 'p',
  version: 3,
  press: {
    name: 'Big press',
    kind: 'PLATE_CLAM',
    platenWidth: 380,
    platenDepth: 380,
    calibration: { readsHigh: 5, giveOrTake: 4, measured: false },
    closing: null,
    cladInPtfe: false,
    tips: [],
  },
}

/** Each form that is kept in a window, the field that is changed while it is on its way, and what is sent of it. */
const forms: [string, Component, Record<string, unknown>, string, string[]][] = [
  ['press', PressForm, { press }, 'press-name', ['name']],
  ['material', MaterialForm, { material: null }, 'material-name', ['name']],
  ['cloth', ClothForm, { cloth: null }, 'name', ['garment', 'name']],
]

const at = (body: unknown, path: string[]) =>
  path.reduce<unknown>((value, key) => (value as Record<string, unknown>)[key], body)

describe('a form in a window', () => {
  it('what was measured: keeps what is changed while it is being kept', async () => {
    const shown = mounted(MeasureDialog, { press: { ...press, measuredLongAgo: false } })
    await flushPromises()
    const type = async (id: string, text: string) => {
      const input = document.getElementById(id) as HTMLInputElement
      input.value = text
      input.dispatchEvent(new Event('input'))
      input.dispatchEvent(new Event('blur'))
      await flushPromises()
    }
    const keep = () =>
      document.querySelector<HTMLButtonElement>('.ant-modal-footer .ant-btn-primary')!.click()
    await type('strip-dial-0', '150')
    await type('strip-read-0', '142')
    keep()
    await vi.waitFor(() => expect(bodies).toHaveLength(1))
    await type('strip-read-0', '144')
    letGo[0]!(7)
    await vi.waitFor(() => expect(document.querySelector('.more')?.textContent).toContain('is not saved yet'))
    expect(shown.emitted('kept')).toBeUndefined()
    keep()
    await vi.waitFor(() => expect(bodies).toHaveLength(2))
    expect(bodies[1]).toMatchObject({ strips: [{ dial: 150, read: 144 }], version: 7 })
    letGo[1]!(8)
    await vi.waitFor(() => expect(shown.emitted('kept')).toHaveLength(1))
  })

  it.each(forms)('%s: keeps what is changed while it is being kept', async (_, form, props, field, path) => {
    const shown = mounted(form, props)
    await flushPromises()
    const type = (text: string) => {
      const input = document.getElementById(field) as HTMLInputElement
      input.value = text
      input.dispatchEvent(new Event('input'))
    }
    document
      .querySelectorAll<HTMLInputElement>(
        '.ant-modal-body input[type=text], .ant-modal-body input:not([type])',
      )
      .forEach((input) => {
        if (!input.value && !input.closest('.ant-select, .ant-input-number')) {
          input.value = '60% cotton 40% polyester'.slice(0, 24)
          input.dispatchEvent(new Event('input'))
        }
      })
    type('first')
    await flushPromises()
    const keep = () =>
      document.querySelector<HTMLButtonElement>('.ant-modal-footer .ant-btn-primary')!.click()
    keep()
    await vi.waitFor(() => expect(bodies).toHaveLength(1))
    type('second')
    letGo[0]!(7)
    await vi.waitFor(() => expect(document.querySelector('.more')?.textContent).toContain('is not saved yet'))
    expect(shown.emitted('kept')).toBeUndefined()
    expect((document.getElementById(field) as HTMLInputElement).value).toBe('second')
    keep()
    await vi.waitFor(() => expect(bodies).toHaveLength(2))
    expect(at(bodies[1], path)).toBe('second')
    expect(bodies[1]).toMatchObject({ version: 7 })
    letGo[1]!(8)
    await vi.waitFor(() => expect(shown.emitted('kept')).toHaveLength(1))
  })
})
