import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced, useLocalStorage } from '@vueuse/core'
import dayjs from 'dayjs'
import { computed, ref, watch, type Ref } from 'vue'
import { answer, api, type TicketForm } from '@/api/client'
import { merged } from '@/form/merged'
import { unitsKey } from '@/quantity/units'
import { EMPTY, keptOrder, type Order } from './keptOrder'
import { knownOf, laid } from './laid'
import type { Field, Reading } from './reading'

/**
 * A ticket that is filled from a sentence while it is typed. What was corrected by hand stays until the sentence says something else
 * of it. The sentence outlives a reload like the ticket's draft.
 *
 * @param form the ticket
 * @param blank the ticket as it begins
 */
export function useIntake(form: Ref<TicketForm>, blank: () => TicketForm) {
  const order = useLocalStorage<Order>(
    'kettle.order',
    { ...EMPTY },
    { serializer: { read: keptOrder, write: JSON.stringify } },
  )
  // What it begins with outlives a reload too.
  if (knownOf(blank()).length) order.value = { ...order.value, base: blank() }
  const sentence = computed({
    get: () => order.value.sentence,
    set: (typed: string) => (order.value = { ...order.value, sentence: typed }),
  })
  const settled = refDebounced(sentence, 180)
  const today = computed(() => dayjs().format('YYYY-MM-DD'))
  /** What the ticket has already, because it began with a garment, or as an earlier one. */
  const known = computed(() => knownOf(order.value.base ?? blank()))
  /** What was asked and put off. What lies in front is asked last, so that nothing waits behind it. */
  const putOff = ref<Field[]>([])
  const unasked = computed(() => [...known.value, ...putOff.value.filter((field) => field !== 'OBSTACLES')])
  const asked = (of: string) => JSON.stringify([of, unasked.value])
  const { data, error } = useQuery({
    queryKey: ['intake', settled, today, unasked, unitsKey],
    queryFn: async () => {
      const of = asked(settled.value)
      const body = { sentence: settled.value.slice(0, 2000), today: today.value, known: unasked.value }
      return { of, view: await answer(api.POST('/api/intake', { body })) }
    },
    enabled: computed(() => settled.value.trim() !== ''),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
  const reading = computed(() => (settled.value.trim() === '' ? null : (data.value?.view ?? null)))
  /** Whether what is shown answers what is typed; what cannot be read is not waited for. */
  const current = computed(
    () => sentence.value.trim() === '' || error.value !== null || data.value?.of === asked(sentence.value),
  )

  const base = () => order.value.base ?? blank()

  function lay(from: TicketForm, now: Reading | null) {
    const before = laid(base(), order.value.read)
    form.value = merged(before, laid(from, now), form.value).value
    order.value = { ...order.value, read: now, base: from }
  }

  watch(
    reading,
    (now) => {
      if (JSON.stringify(now) !== JSON.stringify(order.value.read)) lay(base(), now)
    },
    { immediate: true },
  )

  /** Begins with a garment; what the sentence says of it stands over it. */
  function begin(garment: TicketForm['garment']) {
    lay({ ...base(), garment }, order.value.read)
  }

  function clear() {
    order.value = { ...EMPTY }
  }

  return {
    sentence,
    reading,
    error,
    current,
    known,
    putOff,
    begin,
    clear,
    asRead: computed(() => laid(base(), order.value.read)),
  }
}
