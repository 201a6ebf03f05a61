import { useLocalStorage } from '@vueuse/core'

/** By what the shop knows this browser, so that a run is done from one screen at a time. */
export function useScreen() {
  return useLocalStorage('kettle.screen', () => crypto.randomUUID())
}
