import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { unitsKey } from '@/quantity/units'

/**
 * What is different since a job was last planned, in words.
 *
 * @param every how often it is asked again while it is looked at, ms; once where that is left out
 */
export function useSince(ticketId: () => string, every?: number) {
  return useQuery({
    queryKey: computed(() => ['since', ticketId(), unitsKey.value]),
    queryFn: () =>
      answer(api.GET('/api/tickets/{ticketId}/since', { params: { path: { ticketId: ticketId() } } })),
    refetchInterval: every ?? false,
  })
}
