import { expect, it } from 'vitest'
import { ref } from 'vue'
import { partOf } from './parts'

it('makes a new value with one part changed, and leaves the old one as it was', () => {
  const before = { width: 10, height: 20 }
  const whole = ref(before)
  const width = partOf(whole, 'width')
  width.value = 15
  expect(whole.value).toEqual({ width: 15, height: 20 })
  expect(before.width).toBe(10)
  whole.value = { width: 7, height: 1 }
  expect(width.value).toBe(7)
})
