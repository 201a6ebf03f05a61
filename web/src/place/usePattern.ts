import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, type GarmentForm } from '@/api/client'

const within = (mm: number | null | undefined) => (mm && mm >= 10 && mm <= 5000 ? mm : undefined)

/** The outlines of a garment with the usual places of what may lie on it. */
export function usePattern(garment: () => GarmentForm) {
  const asked = computed(() => {
    const { kind, size, layout, obstacles } = garment()
    return {
      kind,
      size,
      width: within(layout?.width),
      length: within(layout?.length),
      hooded: obstacles.includes('HOOD'),
    }
  })
  return useQuery({
    queryKey: ['pattern', asked],
    queryFn: () => answer(api.GET('/api/garments/pattern', { params: { query: asked.value } })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
}
