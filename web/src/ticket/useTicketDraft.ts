import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { TicketForm } from '@/api/client'
import { merged } from '@/form/merged'
import { blankDecoration, blankGarment, copyOf, isTicketForm } from './blankTicket'

interface Draft {
  id: string
  form: TicketForm
}

/** A draft that was typed before a field existed gets it as a blank ticket has it. */
function complete(typed: TicketForm): TicketForm {
  const form = { ...copyOf(typed), roster: typed.roster ?? [] }
  form.garment = { ...blankGarment(), ...form.garment }
  form.decorations = form.decorations.map((typed) => ({ ...blankDecoration(), ...typed }))
  return form
}

/** What lies in this browser of a ticket; nothing where it is none. */
function keptDraft(text: string): Draft | null {
  try {
    const kept = JSON.parse(text) as Draft | null
    return kept && typeof kept.id === 'string' && isTicketForm(kept.form) ? kept : null
  } catch {
    return null
  }
}

/**
 * A ticket while it is being typed. Every change goes to this machine's storage at once, so that a reload, a closed tab or a stopped
 * application loses nothing; keeping the ticket drops the draft.
 */
export function useTicketDraft(key: string) {
  const kept = useLocalStorage<Draft | null>(`kettle.draft.${key}`, null, {
    serializer: { read: keptDraft, write: JSON.stringify },
  })
  const id = ref(kept.value?.id ?? crypto.randomUUID())
  const form = ref<TicketForm | null>(kept.value ? complete(kept.value.form) : null)
  const given = ref<string>('')
  const restored = ref(kept.value !== null)
  const dirty = computed(() => form.value !== null && JSON.stringify(form.value) !== given.value)

  /** What the server has, or a blank form, laid under what was typed; a draft from before stays as it is. */
  function base(from: TicketForm) {
    const before = given.value ? (JSON.parse(given.value) as TicketForm) : null
    given.value = JSON.stringify(from)
    if (form.value === null) form.value = copyOf(from)
    else if (before) lay(from, before)
  }

  /** An answer to what was sent: what was typed since stays on top of it. */
  function answered(sent: TicketForm, from: TicketForm) {
    given.value = JSON.stringify(from)
    lay(from, sent, true)
  }

  /** With a clash the draft stays at the version that it was typed at: the server then refuses to write over the other. */
  function lay(from: TicketForm, before: TicketForm, own = false) {
    if (!form.value) return
    const all = merged<TicketForm>(
      { ...before, version: 0 },
      { ...form.value, version: 0 },
      { ...from, version: 0 },
    )
    // What answers our own is written over by what was typed after it.
    if (own || all.clashes.length === 0) form.value = copyOf({ ...all.value, version: from.version })
  }

  /** Takes what the server has and drops what was typed. */
  function reset(from: TicketForm) {
    restored.value = false
    kept.value = null
    given.value = JSON.stringify(from)
    form.value = copyOf(from)
  }

  watch(
    form,
    (now) => {
      if (now && given.value && dirty.value) {
        restored.value = true
        kept.value = { id: id.value, form: copyOf(now) }
      } else if (given.value) {
        restored.value = false
        kept.value = null
      }
    },
    { deep: true },
  )

  return { id, form, dirty, restored, base, answered, reset }
}
