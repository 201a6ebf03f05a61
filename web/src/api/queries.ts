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

/** What each kind of change touches, by the first word of a query's key: only that is asked for again. */
const TOUCHED = {
  ticket: ['ticket', 'tickets', 'today', 'since', 'cutting'],
  outcome: ['ticket', 'tickets', 'today', 'since', 'outcomes', 'runs', 'cloths', 'preview', 'trial', 'dye'],
  material: ['materials', 'preview', 'trial', 'cutting', 'since'],
  press: ['presses', 'workroom', 'preview', 'trial', 'practice', 'certainty', 'since'],
  cloth: ['cloths', 'preview', 'trial'],
  school: ['schools', 'preview', 'trial'],
} as const

/** @returns once everything that is looked at has been asked for again */
export function touched(client: QueryClient, what: keyof typeof TOUCHED): Promise<void> {
  const keys: readonly unknown[] = TOUCHED[what]
  return client.invalidateQueries({ predicate: ({ queryKey }) => keys.includes(queryKey[0]) })
}
