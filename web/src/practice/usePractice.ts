import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { unitsKey } from '@/quantity/units'
import type { Trial } from '@/presswindow/useTrial'
import { isReady, readTrack, readyAt } from './track'

export type Pressed = Schemas['PressedPiece']
export type PieceSettings = Schemas['PieceSettingsForm']
type Move = Schemas['ShiftMoveForm']

/** What is kept in this browser, so that a reload loses nothing. */
interface Kept {
  seed: number
  kind: Schemas['PracticeForm']['kind']
  /** What the display is set to; null while it is switched off. */
  dial: number | null
  moves: Move[]
  /** How many of them were watched to their end. */
  watched: number
  /** How long it has stood since the last one, s. */
  stood: number
}

/** A moment of the display as it was watched. */
export interface Watched {
  second: number
  shown: number
  closed: boolean
}

const TICK = 200
const MOST_WATCHED = 1500
const fresh = (): Kept => ({
  seed: Math.floor(Math.random() * 1_000_000),
  kind: 'PLATE_SWING',
  dial: null,
  moves: [],
  watched: 0,
  stood: 0,
})

/**
 * A shift at a simulated press: its clock runs here, what it does is played on the server.
 *
 * @param trial the thing of a ticket that is practised on; null where there is none
 * @param where it is kept under
 */
export function usePractice(trial: Ref<Trial | null>, where: string) {
  const kept = useLocalStorage<Kept>(where, fresh(), { mergeDefaults: true })
  const speed = ref(10)
  /** Seconds since the first closing of the piece that is being pressed. */
  const at = ref(0)
  const outcome = shallowRef<Pressed | null>(null)
  const watched = shallowRef<Watched[]>([])
  let clock = 0

  const asked = computed<Move[]>(() => {
    const { moves, dial } = kept.value
    return dial === null || moves.at(-1)?.dial === dial
      ? moves
      : [...moves, { dial, standing: 0, work: null }]
  })
  const body = computed(() =>
    JSON.stringify({
      seed: kept.value.seed,
      kind: kept.value.kind,
      trial: trial.value,
      moves: asked.value,
    }),
  )
  const { data, error, isPlaceholderData, isPending, refetch } = useQuery({
    queryKey: ['practice', body, unitsKey],
    queryFn: () =>
      answer(api.POST('/api/practice', { body: JSON.parse(body.value) as Schemas['PracticeForm'] })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
  const known = computed(() => (isPlaceholderData.value ? null : (data.value ?? null)))
  const last = computed(() => known.value?.last ?? null)
  const pressing = computed(() => last.value !== null && kept.value.watched < kept.value.moves.length)
  /** Between the lever and the answer. */
  const closing = computed(() => !pressing.value && kept.value.watched < kept.value.moves.length)
  const busy = computed(() => pressing.value || closing.value)
  const phase = computed(() => (pressing.value && last.value?.phases.find(({ to }) => at.value < to)) || null)
  const shown = computed(() => {
    if (pressing.value) return readTrack(last.value!.track, at.value)
    return data.value ? readTrack(data.value.standing, kept.value.stood) : null
  })
  const ready = computed(
    () =>
      kept.value.dial !== null && shown.value !== null && isReady(Math.round(shown.value), kept.value.dial),
  )
  const end = computed(() => last.value?.phases.at(-1)?.to ?? 0)

  watch(
    [last, pressing],
    () => {
      if (last.value && !pressing.value) outcome.value = last.value
    },
    { immediate: true },
  )

  function see(seconds: number) {
    clock += seconds
    if (shown.value === null) return
    const moment = { second: clock, shown: shown.value, closed: phase.value?.closed ?? false }
    watched.value = [...watched.value.slice(1 - MOST_WATCHED), moment]
  }

  function go(seconds: number) {
    if (closing.value || !known.value) return
    if (pressing.value) {
      at.value = Math.min(end.value, at.value + seconds)
      see(seconds)
      if (at.value >= end.value) kept.value.watched = kept.value.moves.length
    } else if (kept.value.dial !== null) {
      kept.value.stood = Math.min(7200, kept.value.stood + seconds)
      see(seconds)
    }
  }
  useIntervalFn(() => go((TICK / 1000) * speed.value), TICK)

  /** In steps, so that the drawing of the display does not jump. */
  function skip(seconds: number) {
    for (let left = seconds; left > 0; left -= 5) go(Math.min(5, left))
  }
  const skipToReady = () => {
    if (known.value && kept.value.dial !== null)
      skip(readyAt(known.value.standing, kept.value.dial) - kept.value.stood)
  }
  const skipToEnd = () => skip(end.value - at.value + 0.1)

  function push(move: Move) {
    kept.value.moves = [...kept.value.moves, move]
    kept.value.stood = 0
    at.value = 0
  }

  function set(dial: number | null) {
    const before = kept.value.dial
    if (before === dial || pressing.value || closing.value) return
    if (before !== null && kept.value.stood > 0) {
      push({ dial: before, standing: Math.round(kept.value.stood), work: null })
      kept.value.watched = kept.value.moves.length
    }
    kept.value.dial = dial
  }

  function close(piece: string | null, settings: PieceSettings) {
    if (kept.value.dial === null || pressing.value || closing.value) return
    outcome.value = null
    push({
      dial: kept.value.dial,
      standing: Math.round(kept.value.stood),
      work: { piece, settings },
    })
  }

  function another(kind: Kept['kind']) {
    kept.value = { ...fresh(), kind }
    outcome.value = null
    watched.value = []
    clock = 0
  }

  /** Takes the last move back, where the server would not have it. */
  function takeBack() {
    kept.value.moves = kept.value.moves.slice(0, -1)
    kept.value.watched = kept.value.moves.length
  }

  return {
    kept,
    speed,
    known,
    outcome,
    watched,
    pressing,
    closing,
    busy,
    phase,
    at,
    shown,
    ready,
    error,
    isPending,
    refetch,
    set,
    close,
    another,
    takeBack,
    skipToReady,
    skipToEnd,
  }
}

export type Practice = ReturnType<typeof usePractice>
