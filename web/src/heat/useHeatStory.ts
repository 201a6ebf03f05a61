import { useQuery } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { answer, api } from '@/api/client'
import { unitsKey } from '@/quantity/units'

/**
 * What the heat does in each thing of a stored plan, through all its presses. A stored plan never changes, so neither
 * does its story.
 */
export function useHeatStory(planId: Ref<string>) {
  return useQuery({
    queryKey: ['heat', planId, unitsKey],
    queryFn: () => answer(api.GET('/api/plans/{id}/heat', { params: { path: { id: planId.value } } })),
    staleTime: Infinity,
  })
}
