import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '@/api/client'

/** The presses of the shop. */
export function usePresses() {
  return useQuery({
    queryKey: ['presses'],
    queryFn: () => answer(api.GET('/api/presses', { params: { query: { size: 200 } } })),
  })
}
