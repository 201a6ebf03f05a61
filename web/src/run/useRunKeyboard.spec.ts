import { mount } from '@vue/test-utils'
import { defineComponent, ref } from 'vue'
import { expect, it, vi } from 'vitest'
import { letterKeys } from '@/shell/keys'
import { useRunKeyboard } from './useRunKeyboard'

function keyboard() {
  const keys = { act: vi.fn(), pauseOrGoOn: vi.fn(), toLog: vi.fn() }
  const logging = ref(false)
  const view = mount(
    defineComponent({
      setup: () => useRunKeyboard(keys, logging),
      template: '<div><input /><button /></div>',
    }),
    { attachTo: document.body },
  )
  const press = (key: string, on: Element = document.body, more = {}) => {
    const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more })
    on.dispatchEvent(event)
    return event
  }
  return { ...keys, logging, view, press }
}

it('does the next thing at Space wherever the focus is, once however long it is held', () => {
  const { act, view, press } = keyboard()
  expect(press(' ', view.find('button').element).defaultPrevented).toBe(true)
  press(' ', document.body, { repeat: true })
  expect(act).toHaveBeenCalledTimes(1)
  view.unmount()
})

it('leaves Space alone where something is typed, and while the outcome is logged', () => {
  const { act, logging, view, press } = keyboard()
  expect(press(' ', view.find('input').element).defaultPrevented).toBe(false)
  logging.value = true
  press(' ')
  expect(act).not.toHaveBeenCalled()
  view.unmount()
})

it('pauses at P and logs at L, unless letter keys are off', () => {
  letterKeys.value = true
  const { pauseOrGoOn, toLog, view, press } = keyboard()
  press('p')
  press('L')
  expect(pauseOrGoOn).toHaveBeenCalledTimes(1)
  expect(toLog).toHaveBeenCalledTimes(1)
  letterKeys.value = false
  press('p')
  letterKeys.value = true
  expect(pauseOrGoOn).toHaveBeenCalledTimes(1)
  view.unmount()
})
