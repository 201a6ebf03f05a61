import { useEventListener, useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, onScopeDispose, ref, toRaw } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { after, BEGUN, type EventKind, type Progress, type Report } from './progress'
import { useScreen } from './screen'
import { shopClock } from './shopClock'

type RunView = Schemas['RunView']

/** What is not sent is tried again after so long, ms. */
const EVERY = 2_000

/** What an event bears beside its kind. */
export type Told = Partial<Pick<Report, 'piece' | 'step' | 'seconds' | 'screen'>>

/**
 * A run at the press. What happens is kept on this machine first and sent as soon as the application answers; the server takes each
 * report once, by its id, and tells all screens that follow the run.
 */
export function useRun(runId: string, planId: string, steps: number) {
  const unsent = useLocalStorage<Report[]>(`kettle.reports.${runId}`, [])
  const screen = useScreen()
  const kept = ref<Progress>(BEGUN)
  /** What was kept, and what was not sent yet on top of it. */
  const progress = computed(() => unsent.value.reduce((now, report) => after(now, report, steps), kept.value))
  const ready = ref(false)
  const problem = ref<Problem | null>(null)
  /** Whether what was reported stays here longer than a report takes. */
  const late = ref(false)
  const waiting = computed(() => (late.value ? unsent.value.length : 0))
  /** Whether it is done from another screen. */
  const elsewhere = computed(() => progress.value.screen !== null && progress.value.screen !== screen.value)
  const clock = shopClock()
  const path = { path: { id: runId } }
  let sending: Promise<void> | null = null
  let following: EventSource | null = null
  let reported = 0
  let begun = 0

  /** Starts the run, or finds it again. */
  async function open() {
    const asked = Date.now()
    try {
      const body = { planId, screen: screen.value }
      const answered = api.PUT('/api/runs/{id}', { params: path, body })
      const run = await answer(answered)
      begun = Date.parse(run.startedAt)
      // What was kept from before a reload bears the application's time already.
      clock.set((await answered).response, asked)
      take(run)
      ready.value = true
      problem.value = null
      await send()
      follow()
    } catch (e) {
      problem.value = e instanceof Problem ? e : new Problem(500, '', String(e))
    }
  }

  /** What the server knows; older news and news that cross a report are passed over. */
  function take(run: RunView) {
    if (run.reported < reported) return
    reported = run.reported
    kept.value = run.progress
  }

  /** What is on its way is in there perhaps, and would be counted twice on top of it: its answer tells all. */
  function news(run: RunView) {
    if (unsent.value.length === 0) take(run)
  }

  /** A page that nobody looks at holds no connection: a browser has few. */
  function follow() {
    if (typeof EventSource === 'undefined' || document.hidden) return
    // After an answer that was an error it does not come again by itself.
    if (following && following.readyState !== EventSource.CLOSED) return
    following = new EventSource(`/api/runs/${runId}/following`)
    following.addEventListener('run', ({ data }: MessageEvent<string>) => {
      news(JSON.parse(data) as RunView)
    })
  }

  function report(kind: EventKind, told: Told = {}) {
    const { piece = null, step = null, seconds = null, screen: taking = null } = told
    const at = new Date(clock.now()).toISOString()
    unsent.value = [
      ...unsent.value,
      { id: crypto.randomUUID(), kind, piece, step, seconds, at, screen: taking },
    ]
    void send()
  }

  const takeOver = () => report('TAKEN_OVER', { screen: screen.value })

  /** One at a time, so that reports arrive in their order. */
  function send(): Promise<void> {
    sending ??= push().finally(() => (sending = null))
    return sending
  }

  async function push() {
    while (unsent.value.length > 0) {
      const batch = unsent.value.slice(0, 200).map((r) => ({ ...toRaw(r) }))
      const asked = Date.now()
      const answered = api.POST('/api/runs/{id}/events', { params: path, body: batch })
      try {
        const run = await answer(answered)
        const sent = new Set(batch.map((r) => r.id))
        unsent.value = unsent.value.filter((r) => !sent.has(r.id))
        take(run)
        clock.set((await answered).response, asked)
      } catch (e) {
        // This device's clock was set since: the reports are told again in the application's time.
        if (e instanceof Problem && e.status === 422 && retold((await answered).response, asked)) continue
        late.value = true
        // Refused, and not merely without an answer: the maker has to know why.
        if (e instanceof Problem && !e.offline) problem.value = e
        return
      }
      late.value = false
      problem.value = null
    }
  }

  function retold(response: Response, asked: number): boolean {
    const moved = clock.set(response, asked)
    unsent.value = unsent.value.map((report) => {
      const at = Math.min(Date.parse(report.at) + moved, clock.now())
      return { ...report, at: new Date(Math.max(at, begun || 0)).toISOString() }
    })
    return moved !== 0
  }

  /** Where it stands and what time it is, after this device slept or its clock was set. */
  async function lookAgain() {
    const asked = Date.now()
    const answered = api.GET('/api/runs/{id}', { params: path })
    try {
      const run = await answer(answered)
      clock.set((await answered).response, asked)
      news(run)
    } catch {
      // Away: it is asked again by what is reported next.
    }
  }

  useIntervalFn(() => {
    const jumped = clock.jumped()
    if (!ready.value && problem.value?.offline) void open()
    else if (unsent.value[0]) {
      late.value ||= clock.now() - Date.parse(unsent.value[0].at) > EVERY
      void send()
    } else if (jumped && ready.value) void lookAgain()
    if (ready.value) follow()
  }, EVERY)
  useEventListener(document, 'visibilitychange', () => {
    if (document.hidden) {
      following?.close()
      following = null
    } else if (ready.value) {
      follow()
      void lookAgain()
    }
  })
  onScopeDispose(() => following?.close())

  return { progress, ready, problem, open, report, send, waiting, elsewhere, takeOver, now: clock.now }
}
