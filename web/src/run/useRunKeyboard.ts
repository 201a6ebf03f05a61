import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import { useKey } from '@/shell/keys'

/** What each key does at the press; none does anything while the outcome is logged. */
export interface RunKeys {
  /** Space: the one big key, wherever the focus is. */
  act: () => void
  /** P: hold the clock, or let it go on. */
  pauseOrGoOn: () => void
  /** L: log how the piece came out. */
  toLog: () => void
}

const TYPED_INTO = ['INPUT', 'TEXTAREA']

export function useRunKeyboard({ act, pauseOrGoOn, toLog }: RunKeys, logging: Ref<boolean>) {
  useEventListener('keydown', (event) => {
    if (event.key !== ' ' || logging.value) return
    if (TYPED_INTO.includes((event.target as HTMLElement).tagName)) return
    // Space would press the button that has the focus; a key that is held counts once.
    event.preventDefault()
    if (!event.repeat) act()
  })
  useKey(['p', 'P'], pauseOrGoOn)
  useKey(['l', 'L'], toLog)
}
