import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { Step } from '@/api/client'
import { useStepKeys } from './useStepKeys'
import { useTimer } from './useTimer'

const said: [string, number | null][] = []
const step = ref<Step | null>(null)
const progress = ref({ step: 2, piecesDone: 0, finished: 0, trouble: 0 })

function at(timed: number | null) {
  step.value = { number: 2, timed } as Step
  let keys!: ReturnType<typeof useStepKeys>
  mount({
    setup() {
      const timer = useTimer('run', () => undefined)
      keys = useStepKeys({
        step,
        progress,
        timer,
        report: (kind, number) => void said.push([kind, number]),
      })
      return () => null
    },
  })
  return keys
}

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
  said.length = 0
  progress.value = { step: 2, piecesDone: 0, finished: 0, trouble: 0 }
})
afterEach(() => vi.useRealTimers())

describe('the keys of a step', () => {
  it('end what has no time', () => {
    const keys = at(null)
    expect(keys.action.value).toBe('next')
    keys.act()
    expect(said).toEqual([['STEP_DONE', 2]])
  })

  it('begin a time, do nothing while it runs, end it when it is over', () => {
    const keys = at(10)
    keys.act()
    expect(keys.action.value).toBe('none')
    keys.act()
    vi.advanceTimersByTime(11_000)
    expect(keys.action.value).toBe('next')
    keys.act()
    expect(said).toEqual([
      ['STEP_STARTED', 2],
      ['STEP_DONE', 2],
    ])
    expect(keys.counting.value).toBe(false)
  })

  it('hold a time and go on with it', () => {
    const keys = at(10)
    keys.act()
    keys.pauseOrGoOn()
    vi.advanceTimersByTime(60_000)
    expect(keys.action.value).toBe('goOn')
    keys.act()
    expect(keys.action.value).toBe('none')
    expect(said.map(([kind]) => kind)).toEqual(['STEP_STARTED', 'PAUSED', 'RESUMED'])
  })

  it('have nothing to hold before a time runs and after it', () => {
    const keys = at(10)
    keys.pauseOrGoOn()
    keys.act()
    vi.advanceTimersByTime(11_000)
    keys.pauseOrGoOn()
    expect(said.map(([kind]) => kind)).toEqual(['STEP_STARTED'])
  })

  it('lengthen a time by five seconds, and begin it again', () => {
    const keys = at(10)
    keys.act()
    keys.addTime()
    vi.advanceTimersByTime(12_000)
    expect(keys.action.value).toBe('none')
    keys.again()
    expect(keys.action.value).toBe('start')
    expect(said.map(([kind]) => kind)).toEqual(['STEP_STARTED', 'TIME_ADDED', 'STEP_STARTED_AGAIN'])
  })

  it('leave the clock of another step alone, and never go back before the first', () => {
    const keys = at(10)
    keys.act()
    progress.value = { ...progress.value, step: 1 }
    expect(keys.counting.value).toBe(false)
    keys.back()
    expect(said.at(-1)).toEqual(['STEP_BACK', 1])
  })
})
