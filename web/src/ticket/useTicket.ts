import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type TicketForm } from '@/api/client'
import { touched } from '@/api/queries'
import { unitsKey } from '@/quantity/units'

/** A kept ticket. */
export function useTicket(id: Ref<string | undefined>) {
  return useQuery({
    queryKey: ['ticket', id, unitsKey],
    queryFn: () => answer(api.GET('/api/tickets/{id}', { params: { path: { id: id.value! } } })),
    enabled: computed(() => id.value !== undefined),
  })
}

/** Its newest plan, as stored. */
export function usePlan(planId: Ref<string | null | undefined>) {
  return useQuery({
    queryKey: ['plan', planId, unitsKey],
    queryFn: () => answer(api.GET('/api/plans/{id}', { params: { path: { id: planId.value! } } })),
    enabled: computed(() => typeof planId.value === 'string'),
    staleTime: Infinity,
  })
}

/** Keeps a ticket; the browser names it, so that asking twice makes one. */
export function useSaveTicket() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ id, form }: { id: string; form: TicketForm }) =>
      answer(api.PUT('/api/tickets/{id}', { params: { path: { id } }, body: form })),
    onSuccess: () => touched(client, 'ticket'),
  })
}

export function useMakePlan() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ ticketId, planId }: { ticketId: string; planId: string }) =>
      answer(api.PUT('/api/tickets/{ticketId}/plans/{planId}', { params: { path: { ticketId, planId } } })),
    onSuccess: () => touched(client, 'ticket'),
  })
}

/** Says that the pieces are cut and weeded, or takes it back. */
export function useCut() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ id, done }: { id: string; done: boolean }) => {
      const asked = { params: { path: { id } } }
      return answer(
        done ? api.PUT('/api/tickets/{id}/cut', asked) : api.DELETE('/api/tickets/{id}/cut', asked),
      )
    },
    onSuccess: () => touched(client, 'ticket'),
  })
}
