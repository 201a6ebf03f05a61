import { useQuery } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { answer, api } from '@/api/client'
import { unitsKey } from '@/quantity/units'

/** What the heat does in one decoration of a stored plan. A stored plan never changes, so neither does its story. */
export function useHeatStory(planId: Ref<string>, decoration: Ref<string>) {
  return useQuery({
    queryKey: ['heat', planId, decoration, unitsKey],
    queryFn: () =>
      answer(
        api.GET('/api/plans/{id}/heat/{decoration}', {
          params: { path: { id: planId.value, decoration: decoration.value } },
        }),
      ),
    staleTime: Infinity,
  })
}
