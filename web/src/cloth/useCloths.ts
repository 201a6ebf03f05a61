import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '@/api/client'

/** The cloths that the shop remembers. */
export function useCloths() {
  return useQuery({
    queryKey: ['cloths'],
    queryFn: () => answer(api.GET('/api/cloths', { params: { query: { size: 200 } } })),
  })
}
