import { createEventHook } from '@vueuse/core'
import { computed, inject, provide, reactive, ref, shallowRef, toValue, watch } from 'vue'
import type { InjectionKey, MaybeRefOrGetter, Ref } from 'vue'
import { useRouter } from 'vue-router'
import type { TicketForm, TicketView } from '@/api/client'
import { useMediumChoice } from '@/plan/useMediumChoice'
import { usePreview } from '@/plan/usePreview'
import { usePresses } from '@/press/usePresses'
import type { OwnSetting } from '@/presswindow/useTrial'
import type { Tried } from '@/presswindow/WindowPanel.vue'
import { BESIDE } from '@/shell/beside'
import { formOf } from '@/ticket/blankTicket'
import { decorationOf } from '@/ticket/currentOption'
import type { StationName } from '@/ticket/stations'
import { useBegun } from '@/ticket/useBegun'
import { usePlan, useTicket } from '@/ticket/useTicket'
import { useTicketDraft } from '@/ticket/useTicketDraft'
import { useTicketSave } from '@/ticket/useTicketSave'

/** What a station has beside the work. */
export interface Aside {
  /** What the thing itself is called; null where the Stack stands there. */
  thing: string | null
  /** Whose Stack it is: of the plan that was kept, or of what is typed. */
  stack: 'kept' | 'typed'
  /** Whether the heat story stands below the Stack. */
  story?: boolean
}

/** The ticket that is open: as it is typed, as it is kept, and what can be done with it at any station. */
export function useOpenTicket(ticketId: Ref<string | undefined>, station: Ref<StationName>) {
  const router = useRouter()
  const draft = useTicketDraft(ticketId.value ?? 'new')
  const { form, dirty, restored, reset } = draft
  const { data: ticket, isPending, error, refetch } = useTicket(ticketId)
  const { data: pressPage } = usePresses()
  const presses = computed(() => pressPage.value?.items ?? [])
  const { blank, repeats, drop } = useBegun(draft, ticket, presses, ticketId)
  const planId = computed(() => ticket.value?.planId)
  const { data: stored } = usePlan(planId)
  const preview = usePreview(form)
  const plan = computed(() => preview.data.value ?? null)

  /** The decoration that is looked at; the first one until another is chosen. */
  const at = ref<string>()
  const art = computed(
    () => form.value?.decorations.find(({ id }) => id === at.value) ?? form.value?.decorations[0] ?? null,
  )
  const decoration = computed(() => decorationOf(plan.value, art.value?.id))
  /** The medium that is looked at before one is taken. */
  const looking = ref<string | null>(null)
  watch([station, at], () => (looking.value = null))
  /** The way of working that is looked at: the one that was asked for, else the one taken, else the best. */
  const looked = computed(() => {
    const weighed = decoration.value
    const options = [...(weighed?.options ?? []), ...(weighed?.twoLayers.map(({ option }) => option) ?? [])]
    const wanted = looking.value ?? art.value?.medium ?? weighed?.medium
    return options.find(({ medium }) => medium === wanted) ?? options[0] ?? null
  })

  const aside = reactive<Aside>({ thing: null, stack: 'typed' })
  /** Where the Stack answers no change, the thing itself stands beside the work, and the Stack is one key away. */
  const stackWanted = ref(false)
  const beside = computed(() => aside.thing !== null && !stackWanted.value)
  provide(BESIDE, beside)
  /** What is tried at Press, until it is kept or left. */
  const tried = shallowRef<Tried | null>(null)
  watch(
    () => [station.value, planId.value, art.value?.id].join(' '),
    () => (tried.value = null),
  )

  function go(to: StationName, id = ticketId.value) {
    if (id) void router.push({ name: 'ticket', params: { id, station: to } })
  }

  const { keep, keeping, problem, stale, target } = useTicketSave(draft, ticket, ticketId)
  const { take, settle, flow, planning } = useMediumChoice({
    ticketId,
    form,
    plan,
    keep,
    onOpen: ({ id }) => {
      at.value = id
      looking.value = null
    },
    onPlanned: (cutting) => {
      if (station.value !== 'press') go(cutting ? 'cut' : 'press')
    },
  })
  /** For the thing that is looked at, where none is named. */
  function takeFor(medium: string, id = art.value?.id, own?: OwnSetting | null) {
    if (id) void take(medium, id, own)
  }

  /** Its id once it is kept; null where it could not be. */
  async function keepTicket(): Promise<string | null> {
    const id = target.value
    return (await keep()) ? id : null
  }

  /** Reads it again where somebody else kept it meanwhile. */
  async function load() {
    stale.value = false
    const fresh = await refetch()
    if (fresh.data) reset(formOf(fresh.data))
  }

  /** What was typed is let go of: a station lets go of its own with it. */
  const letGo = createEventHook<void>()

  const it = {
    ticketId,
    station,
    form,
    dirty,
    restored,
    ticket,
    isPending,
    error,
    refetch,
    presses,
    blank,
    repeats,
    stored,
    planId,
    preview,
    plan,
    at,
    art,
    decoration,
    looking,
    looked,
    aside,
    stackWanted,
    beside,
    tried,
    go,
    keep: keepTicket,
    keeping,
    problem,
    stale,
    load,
    drop: () => {
      void letGo.trigger()
      drop()
    },
    onLetGo: letGo.on,
    take: takeFor,
    settle,
    flow,
    busy: computed(() => keeping.value || planning.value),
  }
  provide(OPEN, it)
  return it
}

type OpenTicket = ReturnType<typeof useOpenTicket>
const OPEN: InjectionKey<OpenTicket> = Symbol('open ticket')

/** What a station works on. It stands only once the ticket has been read, so there is a form. */
export function openTicket() {
  return inject(OPEN)! as Omit<OpenTicket, 'form'> & { form: Ref<TicketForm> }
}

/** The same after Garment: there it is a ticket that was kept. */
export function keptTicket() {
  return openTicket() as Omit<ReturnType<typeof openTicket>, 'ticket'> & { ticket: Ref<TicketView> }
}

/** Says what a station has beside it while it stands. It stays until the next one says so: nothing jumps between. */
export function useAside(says: MaybeRefOrGetter<Aside>) {
  const { aside } = openTicket()
  watch(
    () => toValue(says),
    (now) => Object.assign(aside, { story: false, ...now }),
    { immediate: true },
  )
}
