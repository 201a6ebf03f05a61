import { computed, type Ref } from 'vue'
import type { Step } from '@/api/client'
import type { EventKind, PieceProgress } from './progress'
import type { useTimer } from './useTimer'

/** What the one big key does now. */
export type Action = 'next' | 'start' | 'goOn' | 'none'

/** What a press or a wait is lengthened by, s. */
const MORE = 5

interface AtStep {
  step: Ref<Step | null>
  at: Ref<PieceProgress>
  timer: ReturnType<typeof useTimer>
  report: (kind: EventKind, step: number, seconds?: number) => void
}

/** What can be done at a step: begin its time, hold it, lengthen it, end it, go back. */
export function useStepKeys({ step, at, timer, report }: AtStep) {
  /** What a tool takes to get hot is not counted: it may be hot already, and it shows when it is. */
  const timed = computed(() => (step.value?.kind === 'SET' ? null : (step.value?.timed ?? null)))
  const counting = computed(() => timer.active.value)
  const action = computed<Action>(() => {
    if (timed.value === null) return 'next'
    if (!counting.value) return 'start'
    if (timer.over.value) return 'next'
    return timer.paused.value ? 'goOn' : 'none'
  })

  const say = (kind: EventKind, seconds?: number) => report(kind, step.value!.number, seconds)

  function act() {
    if (action.value === 'start') say('STEP_STARTED', Math.max(1, Math.round(timed.value!)))
    else if (action.value === 'goOn') pauseOrGoOn()
    else if (action.value === 'next') end()
  }

  /** A wait may be cut short by the hand that feels the carrier; a press may not be skipped by the same key. */
  const end = () => say('STEP_DONE')

  function pauseOrGoOn() {
    if (counting.value && !timer.over.value) say(timer.paused.value ? 'RESUMED' : 'PAUSED')
  }

  const addTime = () => say('TIME_ADDED', MORE)
  const again = () => say('STEP_STARTED_AGAIN')
  const back = () => report('STEP_BACK', Math.max(1, at.value.step - 1))

  return { timed, counting, action, act, end, pauseOrGoOn, addTime, again, back }
}
