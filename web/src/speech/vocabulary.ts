import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { capital } from '@/quantity/format'

/** The trade's words, as the server knows them. */
export function useVocabulary() {
  const { data } = useQuery({
    queryKey: ['vocabulary'],
    queryFn: () => answer(api.GET('/api/vocabulary')),
    staleTime: Infinity,
  })
  const names = computed(() => {
    const all = new Map<string, string>()
    for (const [vocabulary, words] of Object.entries(data.value ?? {})) {
      for (const word of words) all.set(`${vocabulary}.${word.value}`, word.name)
    }
    return all
  })

  /** A value's name in the middle of a sentence. */
  function word(vocabulary: string, value: string | null | undefined): string {
    return value ? (names.value.get(`${vocabulary}.${value}`) ?? '') : ''
  }

  /** A value's name where a line begins. */
  function title(vocabulary: string, value: string | null | undefined): string {
    return capital(word(vocabulary, value))
  }

  /** All values of a vocabulary for a control that chooses one. */
  function options(vocabulary: string): { value: string; label: string }[] {
    return (data.value?.[vocabulary] ?? []).map((w) => ({ value: w.value, label: capital(w.name) }))
  }

  return { word, title, options }
}
