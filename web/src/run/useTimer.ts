import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'

interface Running {
  /** What is being timed; another step does not take over this one's clock. */
  step: string
  seconds: number
  startedAt: number
  pausedAt: number | null
  pausedFor: number
}

/**
 * Counts a press or a wait down. Works from the wall clock and keeps its state on this machine, so that it survives a reload and a
 * sleeping tab; says once when the time is up.
 */
export function useTimer(key: string, onEnd: () => void) {
  const state = useLocalStorage<Running | null>(`kettle.timer.${key}`, null, {
    serializer: {
      read: (text) => JSON.parse(text) as Running | null,
      write: (value) => JSON.stringify(value),
    },
  })
  const now = ref(Date.now())
  const told = ref(false)

  const left = computed(() => {
    const running = state.value
    if (!running) return null
    const until = running.pausedAt ?? now.value
    return running.seconds - (until - running.startedAt - running.pausedFor) / 1000
  })
  const active = computed(() => state.value !== null)
  const paused = computed(() => state.value?.pausedAt != null)
  const over = computed(() => left.value !== null && left.value <= 0)

  useIntervalFn(() => {
    now.value = Date.now()
    if (over.value && !told.value) {
      told.value = true
      onEnd()
    }
  }, 100)

  function start(step: string, seconds: number) {
    now.value = Date.now()
    told.value = false
    state.value = { step, seconds, startedAt: now.value, pausedAt: null, pausedFor: 0 }
  }

  function pause() {
    if (state.value && !paused.value && !over.value) state.value = { ...state.value, pausedAt: Date.now() }
  }

  function resume() {
    const running = state.value
    if (!running || running.pausedAt === null) return
    now.value = Date.now()
    state.value = { ...running, pausedAt: null, pausedFor: running.pausedFor + now.value - running.pausedAt }
  }

  function add(seconds: number) {
    if (!state.value) return
    told.value = false
    state.value = { ...state.value, seconds: state.value.seconds + seconds }
  }

  function clear() {
    state.value = null
    told.value = false
  }

  const isFor = (step: string) => state.value?.step === step

  return { left, active, paused, over, start, pause, resume, add, clear, isFor }
}
