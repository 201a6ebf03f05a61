import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { computed, watchEffect } from 'vue'

type Theme = 'day' | 'night'
const chosen = useLocalStorage<Theme | 'system'>('kettle.theme', 'system')

/** Day or night: what the maker chose here, else what the machine prefers. */
export function useTheme() {
  const dark = usePreferredDark()
  const theme = computed<Theme>(() =>
    chosen.value === 'system' ? (dark.value ? 'night' : 'day') : chosen.value,
  )
  watchEffect(() => (document.documentElement.dataset.theme = theme.value))

  function turn() {
    chosen.value = theme.value === 'day' ? 'night' : 'day'
  }

  return { theme, turn }
}
