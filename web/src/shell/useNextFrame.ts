import { onScopeDispose, shallowRef, watch, type Ref } from 'vue'

/** Whether a frame has been shown since something changed: what may come later waits for it. */
export function useNextFrame(changing: () => unknown): Readonly<Ref<boolean>> {
  const shown = shallowRef(false)
  let frame = 0
  watch(
    changing,
    () => {
      shown.value = false
      cancelAnimationFrame(frame)
      // The first is before the frame is painted, the second after it.
      frame = requestAnimationFrame(() => {
        frame = requestAnimationFrame(() => (shown.value = true))
      })
    },
    { immediate: true },
  )
  onScopeDispose(() => cancelAnimationFrame(frame))
  return shown
}
