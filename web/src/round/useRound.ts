import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'

/** Where the round stops, one after the other: the views of one ticket that is planned already. */
export const STOPS = ['today', 'garment', 'method', 'press', 'check'] as const
export type Stop = (typeof STOPS)[number]

/** Whether somebody here took the round or said no to it. */
const offered = useLocalStorage<boolean>('kettle.round', false)
const ticketId = ref<string | null>(null)
const at = ref(0)

/** A short round through one ticket; it can be left at any time, and changes nothing. */
export function useRound() {
  const router = useRouter()
  const stop = computed<Stop | null>(() => (ticketId.value ? (STOPS[at.value] ?? null) : null))

  function show() {
    const where = stop.value
    if (where === 'today') void router.push({ name: 'today' })
    else if (where) void router.push({ name: 'ticket', params: { id: ticketId.value!, station: where } })
  }

  function begin(id: string) {
    ticketId.value = id
    at.value = 0
    offered.value = true
    show()
  }

  function move(by: 1 | -1) {
    at.value += by
    if (at.value >= STOPS.length) leave()
    else show()
  }

  function leave() {
    ticketId.value = null
    offered.value = true
  }

  return { offered, stop, at, begin, move, leave }
}
