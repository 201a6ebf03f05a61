import { effectScope, nextTick, ref } from 'vue'
import { expect, it, vi } from 'vitest'
import { useNextFrame } from './useNextFrame'

it('waits for a frame after every change', async () => {
  const frames: FrameRequestCallback[] = []
  vi.stubGlobal('requestAnimationFrame', (call: FrameRequestCallback) => frames.push(call))
  vi.stubGlobal('cancelAnimationFrame', () => undefined)
  const changing = ref(1)
  const scope = effectScope()
  const shown = scope.run(() => useNextFrame(() => changing.value))!
  expect(shown.value).toBe(false)
  frames.shift()!(0)
  expect(shown.value).toBe(false)
  frames.shift()!(0)
  expect(shown.value).toBe(true)
  changing.value = 2
  await nextTick()
  expect(shown.value).toBe(false)
  scope.stop()
  vi.unstubAllGlobals()
})
