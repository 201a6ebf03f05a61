import { onKeyStroke, useLocalStorage } from '@vueuse/core'

/** Single-letter keys can be switched off: for people whose speech or hand input types letters by accident. */
export const letterKeys = useLocalStorage('kettle.letterKeys', true)

function typing(event: KeyboardEvent): boolean {
  const at = event.target
  return (
    at instanceof HTMLElement &&
    (at.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(at.tagName) || at.role === 'combobox')
  )
}

/** Calls back for a key without modifiers, unless somebody is typing or letter keys are off. */
export function useKey(key: string | string[], act: (event: KeyboardEvent) => void) {
  onKeyStroke(key, (event) => {
    if (!letterKeys.value || typing(event) || event.ctrlKey || event.metaKey || event.altKey) return
    act(event)
  })
}
