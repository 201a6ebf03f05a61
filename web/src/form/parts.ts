import { computed, type Ref, type WritableComputedRef } from 'vue'

/**
 * A part of a value that is changed as a whole: what is set makes a new value with that part in its place.
 *
 * @param key the part's name
 */
export function partOf<T extends object, K extends keyof T>(
  whole: Ref<T>,
  key: K,
): WritableComputedRef<T[K]> {
  return computed({
    get: () => whole.value[key],
    set: (part) => {
      whole.value = { ...whole.value, [key]: part }
    },
  })
}
