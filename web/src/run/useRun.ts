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
  let begun = 0

  /** Starts the run, or finds it again; then lays what was not sent yet on top. */
  async function open() {
    try {
      const asked = api.PUT('/api/runs/{id}', { params: { path: { id: runId } }, body: { planId } })
      const run = await answer(asked)
      begun = Date.parse(run.startedAt)
      // What was kept from before a reload bears the application's time already.
      setClock((await asked).response, false)
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

  /** Takes the application's time; whether it is another one than was taken before. */
  function setClock(response: Response, moving = true): boolean {
    const theirs = Date.parse(response.headers.get('Date') ?? '')
    // It is told in whole seconds; clocks that differ by little are taken to agree.
    if (!(Math.abs(theirs - Date.now() - ahead) > APART)) return false
    const before = moving ? ahead : theirs - Date.now()
    ahead = theirs - Date.now()
    unsent.value = unsent.value.map((report) => {
      const at = Math.min(Date.parse(report.at) + ahead - before, theirs)
      return { ...report, at: new Date(Math.max(at, begun || 0)).toISOString() }
    })
    return true
  }

  /** One at a time, so that reports arrive in their order. */
  function send(): Promise<void> {
    sending ??= push().finally(() => (sending = null))
    return sending
  }

  async function push() {
    while (unsent.value.length > 0) {
      const batch = unsent.value.slice(0, 200).map((r) => ({ ...toRaw(r) }))
      const asked = api.POST('/api/runs/{id}/events', { params: { path: { id: runId } }, body: batch })
      try {
        await answer(asked)
      } catch (e) {
        // This device's clock was set since: the reports are told again in the application's time.
        if (e instanceof Problem && e.status === 422 && setClock((await asked).response)) continue
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
