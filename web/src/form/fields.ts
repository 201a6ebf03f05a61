import {
  computed,
  inject,
  onUnmounted,
  provide,
  ref,
  shallowReactive,
  type ComputedRef,
  type InjectionKey,
  type Ref,
} from 'vue'
import { useI18n } from 'vue-i18n'
import type { Problem } from '@/api/client'
import { capital } from '@/quantity/format'

interface Field {
  id: string
  wrong: ComputedRef<string | undefined>
}

interface Fields {
  problem: () => Problem | null | undefined
  /** Whether somebody tried to keep it: what is still empty is said only then. */
  tried: Ref<boolean>
  known: Map<string, Field>
}

const FIELDS: InjectionKey<Fields> = Symbol('fields')

/** Whether a problem's field is the one of that path; a form may be a part of what is sent. */
const isAt = (field: string, path: string) => field === path || field.endsWith('.' + path)

/**
 * Gathers what is wrong in a form: what its fields see themselves, and what the server said of them.
 *
 * @param problem what the server answered the last time
 */
export function useFields(problem: () => Problem | null | undefined) {
  const known = shallowReactive(new Map<string, Field>())
  const tried = ref(false)
  provide(FIELDS, { problem, tried, known })

  /** Whether nothing is wrong; else the first field that is gets the cursor. */
  function ready(): boolean {
    tried.value = true
    const wrong = [...known.values()].find((field) => field.wrong.value)
    if (wrong) document.getElementById(wrong.id)?.focus()
    return wrong === undefined
  }

  return { ready }
}

/**
 * What is wrong with one field, said at the field.
 *
 * @param path the field's name in what is sent
 * @param seen what the field itself sees
 * @param empty whether something is needed that is not there yet
 */
export function useField(
  id: string,
  path: string,
  seen: () => string | undefined,
  empty: () => boolean | undefined,
): ComputedRef<string> {
  const { t } = useI18n()
  const fields = inject(FIELDS, null)
  const wrong = computed(() => (fields?.tried.value && empty() ? t('form.missing') : seen()))
  if (fields) {
    fields.known.set(path, { id, wrong })
    onUnmounted(() => fields.known.delete(path))
  }
  return computed(() => {
    if (wrong.value) return wrong.value
    const said = fields?.problem()?.fields.find(({ field }) => isAt(field, path))
    if (!said) return ''
    const named = said.message.startsWith(said.field)
    return capital(named ? said.message.slice(said.field.length).replace(/^:?\s*/, '') : said.message)
  })
}

/** What the server said that no field says already. */
export function useRest(): ComputedRef<string> {
  const fields = inject(FIELDS, null)
  return computed(() => {
    const problem = fields?.problem()
    if (!fields || !problem) return ''
    if (!problem.fields.length) return problem.message
    const paths = [...fields.known.keys()]
    return problem.fields
      .filter(({ field }) => !paths.some((path) => isAt(field, path)))
      .map(({ message }) => message)
      .join(' ')
  })
}
