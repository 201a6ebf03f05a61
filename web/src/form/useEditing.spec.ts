import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import { useEditing } from './useEditing'

interface Form {
  air: number
  note: string
  version: number
}
const kept: Form = { air: 20, note: '', version: 1 }

/** A server whose answers are held back until they are let go. */
function heldBack() {
  const sent: Form[] = []
  const letGo: (() => void)[] = []
  const send = (form: Form) => {
    sent.push(form)
    return new Promise<Form>((answer) => letGo.push(() => answer({ ...form, version: form.version + 1 })))
  }
  return { sent, letGo, send }
}

describe('a form and the answers to it', () => {
  it('keeps what is changed while the answer is on its way, and sends it too', async () => {
    const { sent, letGo, send } = heldBack()
    const { form, dirty, keep } = useEditing(() => kept, send)
    form.value!.air = 24
    const keeping = keep()
    form.value!.note = 'by the window'
    letGo[0]!()
    await nextTick()
    await nextTick()
    expect(form.value).toEqual({ air: 24, note: 'by the window', version: 2 })
    expect(sent[1]).toEqual({ air: 24, note: 'by the window', version: 2 })
    letGo[1]!()
    expect(await keeping).toBe(true)
    expect(dirty.value).toBe(false)
    expect(form.value!.version).toBe(3)
  })

  it('takes what the server has where nothing was touched, and leaves what was', async () => {
    const server = ref<Form>(kept)
    const { form } = useEditing(
      () => server.value,
      () => Promise.reject(new Error()),
    )
    form.value!.note = 'typed'
    server.value = { air: 18, note: '', version: 2 }
    await nextTick()
    expect(form.value).toEqual({ air: 18, note: 'typed', version: 2 })
  })

  it('tells a clash and stays at its version, so that it writes over nothing unseen', async () => {
    const server = ref<Form>(kept)
    const { form, clash } = useEditing(
      () => server.value,
      () => Promise.reject(new Error()),
    )
    form.value!.air = 24
    server.value = { air: 18, note: '', version: 2 }
    await nextTick()
    expect(clash.value).toBe(true)
    expect(form.value).toEqual({ air: 24, note: '', version: 1 })
  })

  it('keeps all that was typed where the server refuses', async () => {
    const { form, dirty, sending, keep } = useEditing(
      () => kept,
      () => Promise.reject(new Error('refused')),
    )
    form.value!.air = 90
    await expect(keep()).rejects.toThrow('refused')
    expect(form.value!.air).toBe(90)
    expect(dirty.value).toBe(true)
    expect(sending.value).toBe(false)
  })
})
