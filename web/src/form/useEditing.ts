import { computed, ref, watch, type Ref } from 'vue'
import { merged } from './merged'

const copyOf = <T>(value: T) => JSON.parse(JSON.stringify(value)) as T
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)

/**
 * A form beside what the server has of it. One rule for all of them: what was touched since is never replaced; an answer is laid
 * under it. Where both changed the same it is a clash, and what was typed stays until somebody decides.
 *
 * @param server as it was read last; nothing before that
 * @param send sends the form and gives what is kept now
 */
export function useEditing<F extends { version: number }>(
  server: () => F | undefined,
  send: (form: F) => Promise<F>,
) {
  const form = ref(null) as Ref<F | null>
  const known = ref(null) as Ref<F | null>
  const clash = ref(false)
  const sending = ref(false)
  const dirty = computed(() => form.value !== null && !same(form.value, known.value))

  function came(from: F, before: F | null, own = false) {
    if (form.value === null || before === null) {
      form.value = copyOf(from)
    } else {
      const all = merged<F>({ ...before, version: 0 }, { ...form.value, version: 0 }, { ...from, version: 0 })
      // What answers our own is written over by what was typed after it.
      clash.value = !own && all.clashes.length > 0
      // With a clash it keeps the version that it was typed at, so that nothing is written over unseen.
      if (!clash.value) form.value = { ...copyOf(all.value), version: from.version }
    }
    known.value = copyOf(from)
  }

  watch(server, (from) => from && came(from, known.value), { immediate: true })

  /** Sends it until everything that was typed meanwhile is kept as well. */
  async function keep(): Promise<boolean> {
    if (sending.value || !form.value) return false
    sending.value = true
    try {
      do {
        const sent = copyOf(form.value)
        came(await send(sent), sent, true)
      } while (dirty.value && !clash.value)
      return !clash.value
    } finally {
      sending.value = false
    }
  }

  return { form, dirty, clash, sending, keep }
}
