import { useIntervalFn } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import type { Timer } from './progress'

/** What a time has left, s; below 0 when it is over. */
export function secondsLeft(timer: Timer, now: number): number {
  const until = timer.pausedAt === null ? now : Date.parse(timer.pausedAt)
  return timer.seconds - (until - Date.parse(timer.startedAt) - timer.pausedFor) / 1000
}

/**
 * Counts a press or a wait down by when it began, so that it is right after a reload, a sleep and on every screen; says once when
 * the time is up.
 *
 * @param now the shop's time, ms
 */
export function useTimer(timer: Ref<Timer | null>, now: () => number, onEnd: () => void) {
  const moment = ref(now())
  let told: string | null = null

  const left = computed(() =>
    timer.value ? secondsLeft(timer.value, Math.max(moment.value, Date.parse(timer.value.startedAt))) : null,
  )
  const active = computed(() => timer.value !== null)
  const paused = computed(() => timer.value?.pausedAt != null)
  const over = computed(() => left.value !== null && left.value <= 0)

  useIntervalFn(() => {
    moment.value = now()
    const ended = over.value ? `${timer.value?.startedAt} ${timer.value?.seconds}` : null
    if (ended && ended !== told) onEnd()
    told = ended ?? told
  }, 100)

  return { left, active, paused, over }
}
