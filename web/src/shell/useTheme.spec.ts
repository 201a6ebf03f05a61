import { effectScope, nextTick } from 'vue'
import { expect, it } from 'vitest'
import { useTheme } from './useTheme'

it('follows the machine until the maker chooses, and shows what was chosen on the page', async () => {
  const scope = effectScope()
  const { theme, turn } = scope.run(() => useTheme())!
  expect(theme.value).toBe('day')
  turn()
  await nextTick()
  expect(document.documentElement.dataset.theme).toBe('night')
  expect(localStorage.getItem('kettle.theme')).toBe('night')
  turn()
  await nextTick()
  expect(document.documentElement.dataset.theme).toBe('day')
  scope.stop()
})
