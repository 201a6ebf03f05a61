import { QueryClient } from '@tanstack/vue-query'
import { Problem } from './client'

/** Tries again by itself only where the application did not answer; an answer that says no stays no. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (failures, error) => error instanceof Problem && error.offline && failures < 2,
      retryDelay: 400,
      refetchOnWindowFocus: true,
      staleTime: 2_000,
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
})
