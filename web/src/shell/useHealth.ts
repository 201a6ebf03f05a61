import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'

interface Health {
  status: string
  components?: { db?: { status: string }; room?: { status: string } }
}

/** Asks the application every few seconds how it is: away, without its database, without room on the disk, or well. */
export function useHealth() {
  const { data, isError, refetch } = useQuery({
    queryKey: ['alive'],
    queryFn: async () => {
      const answer = await fetch('/actuator/health')
      const health: Health = await answer.json().catch(() => ({ status: 'AWAY' }))
      if (!answer.ok && health.components?.db?.status !== 'DOWN') throw new Error(String(answer.status))
      return health
    },
    retry: 1,
    retryDelay: 500,
    refetchInterval: (query) =>
      query.state.status === 'error' || query.state.data?.status !== 'UP' ? 2_000 : 15_000,
  })
  const trouble = computed<'offline' | 'noDatabase' | 'full' | null>(() => {
    if (isError.value) return 'offline'
    if (data.value?.components?.db?.status === 'DOWN') return 'noDatabase'
    return data.value?.components?.room?.status === 'FULL' ? 'full' : null
  })
  return { trouble, askAgain: refetch }
}
