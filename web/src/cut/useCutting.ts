import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useDebounceFn, useEventListener } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { said } from '@/exchange/file'
import { useEditing } from '@/form/useEditing'
import { unitsKey } from '@/quantity/units'
import { readBy, withDesign, type CutForm, type Design, type DesignReading } from './designs'
import { useWork } from './useWork'

const SAVED_AFTER = 350

/** How a ticket is cut: what is chosen is kept as it is chosen. */
export function useCutting(ticketId: Ref<string | undefined>, things: Ref<string[]>) {
  const client = useQueryClient()
  const key = computed(() => ['cutting', ticketId.value, unitsKey.value])
  const { data, error, isPending, refetch } = useQuery({
    queryKey: key,
    queryFn: () =>
      answer(api.GET('/api/tickets/{id}/cutting', { params: { path: { id: ticketId.value! } } })),
    enabled: computed(() => ticketId.value !== undefined),
    refetchOnWindowFocus: false,
  })
  const problem = ref('')
  const arts = computed(() => data.value?.arts ?? [])

  function took(view: Schemas['CutView']) {
    client.setQueryData(key.value, view)
  }

  /** One at a time: what is chosen meanwhile is sent once the server has named the next version. */
  const {
    form,
    dirty: unsaved,
    clash,
    sending: saving,
    keep,
  } = useEditing<CutForm>(
    () => data.value?.form,
    async (body) => {
      const view = await answer(
        api.PUT('/api/tickets/{id}/cutting', { params: { path: { id: ticketId.value! } }, body }),
      )
      took(view)
      return view.form
    },
  )
  const layout = computed(() => (unsaved.value ? null : (data.value?.layout ?? null)))

  async function save() {
    if (saving.value || !ticketId.value) return
    problem.value = ''
    try {
      await keep()
    } catch (e) {
      problem.value = said(e)
      if (!(e instanceof Problem) || e.kind !== 'stale') return
      // Changed in another tab: what was chosen here is laid over it, and sent again unless both chose the same.
      await refetch()
      if (unsaved.value && !clash.value) void later()
    }
  }
  const later = useDebounceFn(save, SAVED_AFTER)

  /** What was chosen in the last moment before the page is left is still sent. */
  useEventListener(window, 'pagehide', () => {
    if (!unsaved.value || saving.value || !form.value || !ticketId.value) return
    const asked = { params: { path: { id: ticketId.value } }, body: form.value, keepalive: true }
    void api.PUT('/api/tickets/{id}/cutting', asked)
  })

  function change(next: CutForm) {
    // What was taken off the ticket has no design any more.
    form.value = {
      ...next,
      designs: next.designs.filter(({ decoration }) => things.value.includes(decoration)),
    }
    void later()
  }

  const changeDesign = (design: Design) => form.value && change(withDesign(form.value, design))

  return {
    form,
    layout,
    arts,
    error,
    isPending,
    refetch,
    saving,
    unsaved,
    problem,
    change,
    changeDesign,
    took,
  }
}

/** What is read of each design of a ticket: those that were not looked at yet are read once they are drawn. */
export function useReadings(form: Ref<CutForm | null>) {
  const known = shallowRef<Record<string, { by: string; reading: DesignReading }>>({})
  const readings = computed(() =>
    Object.fromEntries(Object.entries(known.value).map(([decoration, { reading }]) => [decoration, reading])),
  )

  function keep(design: Design, reading: DesignReading) {
    known.value = { ...known.value, [design.decoration]: { by: readBy(design), reading } }
  }

  async function readMissing() {
    for (const design of form.value?.designs ?? []) {
      if (known.value[design.decoration]?.by === readBy(design)) continue
      const { follow } = useWork()
      const done = await follow((id) =>
        answer(api.PUT('/api/cutting/readings/{work}', { params: { path: { work: id } }, body: design })),
      )
      if (done?.design) keep(design, done.design)
    }
  }

  return { readings, keep, readMissing }
}

/** What fails in a design, read anew when it changes. */
export function useReading(design: Ref<Design | null>) {
  const { work, problem, follow, stop } = useWork()
  const reading = shallowRef<DesignReading | null>(null)
  const read = useDebounceFn(async () => {
    const asked = design.value
    if (!asked) return
    const done = await follow((id) =>
      answer(api.PUT('/api/cutting/readings/{work}', { params: { path: { work: id } }, body: asked })),
    )
    if (done?.design) reading.value = done.design
  }, 150)
  watch(
    () => (design.value ? `${readBy(design.value)} ${unitsKey.value}` : null),
    (now) => {
      if (now) void read()
      else reading.value = null
    },
    { immediate: true },
  )
  watch(
    () => design.value?.artId,
    () => (reading.value = null),
  )
  return { reading, work, problem, stop, again: read }
}
