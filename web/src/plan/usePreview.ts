import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, type Ref } from 'vue'
import { answer, api, type TicketForm } from '@/api/client'
import { unitsKey } from '@/quantity/units'
import { missing } from '@/ticket/blankTicket'

/** What the planner says to the ticket as it is being typed. Nothing is kept by it. */
export function usePreview(form: Ref<TicketForm | null>) {
  const asked = computed(() => {
    if (!form.value || missing(form.value).length > 0) return ''
    // Title, customer and names do not change a plan.
    return JSON.stringify({ ...form.value, title: 'preview', customer: '', roster: [] })
  })
  const settled = refDebounced(asked, 250)
  return useQuery({
    queryKey: ['preview', settled, unitsKey],
    queryFn: () => answer(api.POST('/api/plans/preview', { body: JSON.parse(settled.value) as TicketForm })),
    enabled: computed(() => settled.value !== ''),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  })
}
