import { mount } from '@vue/test-utils'
import { beforeEach, expect, it } from 'vitest'
import { letterKeys, useKey } from './keys'

let pressed = 0

beforeEach(() => {
  pressed = 0
  letterKeys.value = true
  document.body.innerHTML = '<input id="in" /><p id="text" tabindex="0">text</p>'
  mount({
    setup() {
      useKey('x', () => pressed++)
      return () => null
    },
  })
})

function press(at: string, init: KeyboardEventInit = {}) {
  document
    .querySelector(at)!
    .dispatchEvent(new KeyboardEvent('keydown', { key: 'x', bubbles: true, ...init }))
}

it('hears a letter on the page, not while somebody types', () => {
  press('#text')
  expect(pressed).toBe(1)
  press('#in')
  expect(pressed).toBe(1)
})

it('leaves keys with Ctrl, Alt or Meta to the browser', () => {
  press('#text', { ctrlKey: true })
  press('#text', { altKey: true })
  press('#text', { metaKey: true })
  expect(pressed).toBe(0)
})

it('can be switched off', () => {
  letterKeys.value = false
  press('#text')
  expect(pressed).toBe(0)
})
