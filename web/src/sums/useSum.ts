import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useDebounceFn, useEventListener } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { answer, api, Problem } from '@/api/client'
import { said } from '@/exchange/file'
import { useEditing } from '@/form/useEditing'
import { unitsKey } from '@/quantity/units'
import type { SumForm, SumKind, SumView } from './sums'

const SAVED_AFTER = 350

/**
 * One sum of a thing: computed anew and kept while it is typed.
 *
 * @param of what else it follows from: the ticket's version, the colours of its drawing
 */
export function useSum(ticketId: Ref<string>, of: () => string, decoration: string, kind: SumKind) {
  const client = useQueryClient()
  const path = computed(() => ({ id: ticketId.value, decoration, kind }))
  const key = computed(() => ['sum', ticketId.value, decoration, kind, of(), unitsKey.value])
  const { data, error, isPending, refetch } = useQuery({
    queryKey: key,
    queryFn: () =>
      answer(api.GET('/api/tickets/{id}/sums/{decoration}/{kind}', { params: { path: path.value } })),
    placeholderData: (before) => before,
    refetchOnWindowFocus: false,
  })
  const problem = ref<Problem | null>(null)
  const wrong = ref('')

  const {
    form,
    dirty,
    clash,
    sending,
    keep: send,
  } = useEditing<SumForm>(
    () => data.value?.form,
    async (body) => {
      const view: SumView = await answer(
        api.PUT('/api/tickets/{id}/sums/{decoration}/{kind}', { params: { path: path.value }, body }),
      )
      client.setQueryData(key.value, view)
      return view.form
    },
  )

  async function save() {
    if (sending.value) return
    problem.value = null
    wrong.value = ''
    try {
      await send()
    } catch (e) {
      problem.value = e instanceof Problem ? e : null
      wrong.value = said(e)
      if (!(e instanceof Problem) || e.kind !== 'stale') return
      await refetch()
      if (dirty.value && !clash.value) void later()
    }
  }
  const later = useDebounceFn(save, SAVED_AFTER)
  watch(
    form,
    (now, before) => {
      if (!before || !now) return
      if (dirty.value) return void later()
      // Typed back to what is kept: nothing is wrong any more.
      problem.value = null
      wrong.value = ''
    },
    { deep: true },
  )

  /** What was typed in the last moment before the page is left is still sent. */
  useEventListener(window, 'pagehide', () => {
    if (!dirty.value || sending.value || !form.value) return
    void api.PUT('/api/tickets/{id}/sums/{decoration}/{kind}', {
      params: { path: path.value },
      body: form.value,
      keepalive: true,
    })
  })

  return { form, view: data, error, isPending, refetch, dirty, sending, problem, wrong, again: save }
}
