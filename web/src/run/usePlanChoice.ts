import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { useSince } from '@/plan/useSince'

/** How often it is looked whether a fact changed, ms. */
const EVERY = 10_000

/**
 * Whether a run may go on by its plan: where a press was measured anew, a roll changed or the ticket did, somebody says so first.
 * The answer stands for what was told then; another change asks again.
 */
export function usePlanChoice(runId: string, ticketId: string, current: () => boolean) {
  const { data } = useSince(() => ticketId, EVERY)
  const answered = useLocalStorage(`kettle.as-planned.${runId}`, '')
  const lines = computed(() => data.value ?? [])
  /** Nothing is asked before it is known what is different. */
  const told = computed(() =>
    data.value && (lines.value.length || !current()) ? JSON.stringify(lines.value) : '',
  )
  const open = computed(() => told.value !== '' && told.value !== answered.value)
  const goOn = () => (answered.value = told.value)
  return { lines, open, goOn }
}
