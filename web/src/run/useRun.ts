import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref, toRaw } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { after, type EventKind, type Progress } from './progress'

type Report = Schemas['RunEventForm']

/** What is not sent is tried again after so long, ms. */
const EVERY = 2_000

/** Clocks that differ by less than this are taken to agree, ms. */
const APART = 5_000

/**
 * A run at the press. What happens is kept on this machine first and sent as soon as the application answers; the server takes each
 * report once, by its id.
 */
export function useRun(runId: string, planId: string, steps: number) {
  const unsent = useLocalStorage<Report[]>(`kettle.reports.${runId}`, [])
  const progress = ref<Progress>({ step: 1, piecesDone: 0, finished: 0, trouble: 0 })
  const ready = ref(false)
  const problem = ref<Problem | null>(null)
  /** Whether what was reported stays here longer than a report takes. */
  const late = ref(false)
  const waiting = computed(() => (late.value ? unsent.value.length : 0))
  let sending: Promise<void> | null = null
  /** How far the application's clock is ahead of this device's, ms: reports bear its time. */
  let ahead = 0

  /** Starts the run, or finds it again; then lays what was not sent yet on top. */
  async function open() {
    try {
      const asked = api.PUT('/api/runs/{id}', { params: { path: { id: runId } }, body: { planId } })
      const run = await answer(asked)
      const theirs = Date.parse((await asked).response.headers.get('Date') ?? '')
      // It is told in whole seconds; less apart than that is not worth a correction.
      ahead = Math.abs(theirs - Date.now()) > APART ? theirs - Date.now() : 0
      progress.value = unsent.value.reduce(
        (now, report) => after(now, report.kind, report.step, steps),
        run.progress,
      )
      ready.value = true
      problem.value = null
      await send()
    } catch (e) {
      problem.value = e instanceof Problem ? e : new Problem(500, '', String(e))
    }
  }

  function report(kind: EventKind, step: number | null) {
    unsent.value = [
      ...unsent.value,
      { id: crypto.randomUUID(), kind, step, at: new Date(Date.now() + ahead).toISOString() },
    ]
    progress.value = after(progress.value, kind, step, steps)
    void send()
  }

  /** One at a time, so that reports arrive in their order. */
  function send(): Promise<void> {
    sending ??= push().finally(() => (sending = null))
    return sending
  }

  async function push() {
    while (unsent.value.length > 0) {
      const batch = unsent.value.slice(0, 200).map((r) => ({ ...toRaw(r) }))
      try {
        await answer(api.POST('/api/runs/{id}/events', { params: { path: { id: runId } }, body: batch }))
      } catch (e) {
        late.value = true
        // Refused, and not merely without an answer: the maker has to know why.
        if (e instanceof Problem && !e.offline) problem.value = e
        return
      }
      late.value = false
      problem.value = null
      const sent = new Set(batch.map((r) => r.id))
      unsent.value = unsent.value.filter((r) => !sent.has(r.id))
    }
  }

  useIntervalFn(() => {
    if (!ready.value && problem.value?.offline) void open()
    else if (unsent.value[0]) {
      late.value ||= Date.now() + ahead - Date.parse(unsent.value[0].at) > EVERY
      void send()
    }
  }, EVERY)

  return { progress, ready, problem, open, report, send, waiting }
}
