import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, ref } from 'vue'
import type { Step } from '@/api/client'
import { after, BEGUN, type EventKind, pieceAt } from './progress'
import { useStepKeys } from './useStepKeys'
import { useTimer } from './useTimer'

const said: [EventKind, number, number | undefined][] = []
const step = ref<Step | null>(null)
const progress = ref(BEGUN)

/** At the second step of the first piece. */
function standing(timed: number | null) {
  step.value = { number: 2, timed } as Step
  let keys!: ReturnType<typeof useStepKeys>
  mount({
    setup() {
      const at = computed(() => pieceAt(progress.value, 1))
      const timer = useTimer(
        computed(() => at.value.timer),
        Date.now,
        () => undefined,
      )
      keys = useStepKeys({
        step,
        at,
        timer,
        report(kind, number, seconds) {
          said.push([kind, number, seconds])
          const event = { kind, piece: 1, step: number, seconds: seconds ?? null, screen: null }
          progress.value = after(progress.value, { ...event, at: new Date().toISOString() }, 9)
        },
      })
      return () => null
    },
  })
  return keys
}

const kinds = () => said.map(([kind]) => kind)

beforeEach(() => {
  vi.useFakeTimers()
  said.length = 0
  progress.value = { ...BEGUN, pieces: [{ piece: 1, step: 2, timer: null }] }
})
afterEach(() => vi.useRealTimers())

describe('the keys of a step', () => {
  it('end what has no time', () => {
    const keys = standing(null)
    expect(keys.action.value).toBe('next')
    keys.act()
    expect(said).toEqual([['STEP_DONE', 2, undefined]])
  })

  it('begin a time, do nothing while it runs, end it when it is over', () => {
    const keys = standing(10)
    keys.act()
    expect(keys.action.value).toBe('none')
    keys.act()
    vi.advanceTimersByTime(11_000)
    expect(keys.action.value).toBe('next')
    keys.act()
    expect(said).toEqual([
      ['STEP_STARTED', 2, 10],
      ['STEP_DONE', 2, undefined],
    ])
    expect(keys.counting.value).toBe(false)
  })

  it('hold a time and go on with it', () => {
    const keys = standing(10)
    keys.act()
    keys.pauseOrGoOn()
    vi.advanceTimersByTime(60_000)
    expect(keys.action.value).toBe('goOn')
    keys.act()
    expect(keys.action.value).toBe('none')
    expect(kinds()).toEqual(['STEP_STARTED', 'PAUSED', 'RESUMED'])
  })

  it('have nothing to hold before a time runs and after it', () => {
    const keys = standing(10)
    keys.pauseOrGoOn()
    keys.act()
    vi.advanceTimersByTime(11_000)
    keys.pauseOrGoOn()
    expect(kinds()).toEqual(['STEP_STARTED'])
  })

  it('lengthen a time by five seconds, and begin it again', () => {
    const keys = standing(10)
    keys.act()
    keys.addTime()
    vi.advanceTimersByTime(12_000)
    expect(keys.action.value).toBe('none')
    keys.again()
    expect(keys.action.value).toBe('start')
    expect(kinds()).toEqual(['STEP_STARTED', 'TIME_ADDED', 'STEP_STARTED_AGAIN'])
  })

  it('never go back before the first', () => {
    const keys = standing(10)
    keys.back()
    keys.back()
    expect(said.at(-1)).toEqual(['STEP_BACK', 1, undefined])
  })
})
