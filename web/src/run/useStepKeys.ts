import { computed, type Ref } from 'vue'
import type { Step } from '@/api/client'
import type { EventKind, Progress } from './progress'
import type { useTimer } from './useTimer'

/** What the one big key does now. */
export type Action = 'next' | 'start' | 'goOn' | 'none'

interface AtStep {
  step: Ref<Step | null>
  progress: Ref<Progress>
  timer: ReturnType<typeof useTimer>
  report: (kind: EventKind, step: number | null) => void
}

/** What can be done at a step: begin its time, hold it, lengthen it, end it, go back. */
export function useStepKeys({ step, progress, timer, report }: AtStep) {
  /** What a tool takes to get hot is not counted: it may be hot already, and it shows when it is. */
  const timed = computed(() => (step.value?.kind === 'SET' ? null : (step.value?.timed ?? null)))
  const stepKey = computed(() => `${progress.value.piecesDone}.${progress.value.step}`)
  /** Whether the clock is this step's. */
  const counting = computed(() => timer.active.value && timer.isFor(stepKey.value))
  const action = computed<Action>(() => {
    if (timed.value === null) return 'next'
    if (!counting.value) return 'start'
    if (timer.over.value) return 'next'
    return timer.paused.value ? 'goOn' : 'none'
  })

  const say = (kind: EventKind) => report(kind, step.value!.number)

  function act() {
    if (action.value === 'start') {
      timer.start(stepKey.value, timed.value!)
      say('STEP_STARTED')
    } else if (action.value === 'goOn') {
      pauseOrGoOn()
    } else if (action.value === 'next') {
      end()
    }
  }

  /** A wait may be cut short by the hand that feels the carrier; a press may not be skipped by the same key. */
  function end() {
    timer.clear()
    say('STEP_DONE')
  }

  function pauseOrGoOn() {
    if (!counting.value || timer.over.value) return
    if (timer.paused.value) timer.resume()
    else timer.pause()
    say(timer.paused.value ? 'PAUSED' : 'RESUMED')
  }

  function addTime() {
    timer.add(5)
    say('TIME_ADDED')
  }

  function again() {
    timer.clear()
    say('STEP_STARTED_AGAIN')
  }

  function back() {
    timer.clear()
    report('STEP_BACK', Math.max(1, progress.value.step - 1))
  }

  return { timed, counting, action, act, end, pauseOrGoOn, addTime, again, back }
}
