import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '@/api/client'

/** All that is on the shelf. */
export function useMaterials() {
  return useQuery({
    queryKey: ['materials'],
    queryFn: () => answer(api.GET('/api/materials', { params: { query: { size: 200 } } })),
  })
}
