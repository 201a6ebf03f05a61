<script setup lang="ts">
import { computed, defineAsyncComponent, provide, ref, useTemplateRef, watch } from 'vue'
import type { TicketForm } from '@/api/client'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import GarmentStation from './GarmentStation.vue'
import { isNoHeat } from '@/media/noHeat'
import { useKey } from '@/shell/keys'
import QueryState from '@/shell/QueryState.vue'
import type { OwnSetting } from '@/presswindow/useTrial'
import { useTried } from '@/presswindow/useTried'
import BesideTheWork from './BesideTheWork.vue'
import { BESIDE } from '@/ticket/beside'
import { blankTicket, copyOf, formOf } from '@/ticket/blankTicket'
import { currentOption, decorationOf } from '@/ticket/currentOption'
import SinceThen from '@/plan/SinceThen.vue'
import { takeStart } from '@/ticket/startWith'
import PlaceSection from '@/place/PlaceSection.vue'
import { STATIONS, type StationName } from '@/ticket/stations'
import ThingHead from './ThingHead.vue'
import TicketHead from './TicketHead.vue'
import TicketStack from './TicketStack.vue'
import { useTicketSave } from '@/ticket/useTicketSave'
import { usePreview } from '@/plan/usePreview'
import { useMediumChoice } from '@/plan/useMediumChoice'
import { usePlan, useTicket } from '@/ticket/useTicket'
import { useTicketDraft } from '@/ticket/useTicketDraft'
import { usePresses } from '@/press/usePresses'

/** What a new ticket does not need comes when it is gone to. */
const MethodStation = defineAsyncComponent(() => import('./MethodStation.vue'))
const CutStation = defineAsyncComponent(() => import('./CutStation.vue'))
const PressStation = defineAsyncComponent(() => import('./PressStation.vue'))
const CheckStation = defineAsyncComponent(() => import('./CheckStation.vue'))
const HeatStory = defineAsyncComponent(() => import('@/heat/HeatStory.vue'))

/** One ticket on its way through the stations. */
const route = useRoute()
const router = useRouter()
const { t } = useI18n()

const ticketId = computed(() => (route.name === 'new-ticket' ? undefined : (route.params.id as string)))
const station = computed<StationName>(() =>
  ticketId.value ? (route.params.station as StationName) || 'garment' : 'garment',
)

const draft = useTicketDraft(ticketId.value ?? 'new')
const { form, dirty, restored, base, reset } = draft
const { data: ticket, isPending, error, refetch } = useTicket(ticketId)
const { data: presses } = usePresses()
const pressName = computed(
  () => presses.value?.items.find((item) => item.id === form.value?.pressId)?.press.name ?? null,
)
const planId = computed(() => ticket.value?.planId)
const { data: stored } = usePlan(planId)
const preview = usePreview(form)
const looking = ref<string | null>(null)
const repeats = ref<{ id: string; name: string } | null>(null)

/** A new ticket as it begins; null where it was kept before. */
const blank = ref<TicketForm | null>(null)
/** Where the Stack answers no change, the thing itself stands beside the work, and the Stack is one key away. */
const stackWanted = ref(false)
const THINGS = { garment: 'place.title', cut: 'cut.thing', check: 'check.thing' } as const
const thingTitle = computed(() => {
  const at = station.value
  return at === 'garment' || ((at === 'cut' || at === 'check') && stored.value) ? THINGS[at] : null
})
const thing = computed(() => thingTitle.value !== null && !stackWanted.value)
provide(BESIDE, thing)

/** A new ticket begins blank, with a cloth from Cloth memory, or as an earlier one. */
function beginNew(pressId: string) {
  const empty = blankTicket(pressId)
  base(empty)
  blank.value = empty
  const start = takeStart()
  if (!start || !form.value) return
  form.value.garment = start.garment
  const before = start.repeats
  repeats.value = before && { id: before.id, name: before.name }
  if (before) {
    const { title, customer, pieces, decorations } = before
    Object.assign(form.value, { title, customer, pieces, pressId: before.pressId, decorations })
  }
  blank.value = copyOf(form.value)
}

watch(
  [ticket, presses],
  () => {
    if (ticket.value) base(formOf(ticket.value))
    else if (!ticketId.value && presses.value?.items[0]) beginNew(presses.value.items[0].id)
  },
  { immediate: true },
)

const plan = computed(() => preview.data.value ?? null)
/** The decoration that is looked at; the first one until another is chosen. */
const at = ref<string>()
const art = computed(
  () => form.value?.decorations.find(({ id }) => id === at.value) ?? form.value?.decorations[0] ?? null,
)
const decoration = computed(() => decorationOf(plan.value, art.value?.id))
/** Where the ticket is pressed and looked at, the Stack is that of the plan as it was stored. */
const pressed = computed(() => ['cut', 'press', 'check'].includes(station.value))
const shown = computed(() => {
  if (pressed.value) return currentOption(stored.value?.plan ?? null, art.value?.id)
  const wanted = looking.value ?? art.value?.medium ?? decoration.value?.medium
  return (
    decoration.value?.options.find((option) => option.medium === wanted) ??
    decoration.value?.options[0] ??
    null
  )
})

const {
  tried,
  now,
  triedStack,
  told: trialTold,
} = useTried(
  computed(() => shown.value?.stack ?? null),
  () => [station.value, planId.value, art.value?.id].join(' '),
  () => t('press.main'),
)

const stack = computed(() => ({
  form: form.value,
  option: shown.value,
  tried: triedStack.value,
  now: told.value ? now.value : null,
  withoutHeat: pressed.value
    ? isNoHeat(decorationOf(stored.value?.plan ?? null, art.value?.id)?.medium)
    : decoration.value?.options.length === 0,
  loading: pressed.value ? typeof planId.value === 'string' && !stored.value : preview.isFetching.value,
}))

/** At Press the heat story stands below the Stack. */
const told = computed(() => {
  const kept = stored.value
  const first = decorationOf(kept?.plan ?? null, art.value?.id)
  return station.value === 'press' && kept && first && shown.value
    ? {
        planId: kept.id,
        decoration: first.decoration,
        names: Object.fromEntries(form.value?.decorations.map((one) => [one.id, one.description]) ?? []),
        ...trialTold.value,
      }
    : null
})

function go(to: StationName) {
  if (ticketId.value) void router.push({ name: 'ticket', params: { id: ticketId.value, station: to } })
}

STATIONS.forEach((name, index) => useKey(String(index + 1), () => go(name)))
useKey('l', () => go('check'))
useKey('s', () => {
  if (thingTitle.value) stackWanted.value = !stackWanted.value
})

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
const busy = computed(() => keeping.value || planning.value)

const garmentStation = useTemplateRef<InstanceType<typeof GarmentStation>>('garmentStation')

async function keepAndChoose() {
  const id = target.value
  if (!(await keep())) return
  garmentStation.value?.clear()
  await router.push({ name: 'ticket', params: { id, station: 'method' } })
}

async function load() {
  stale.value = false
  const fresh = await refetch()
  if (fresh.data) reset(formOf(fresh.data))
}

function drop() {
  garmentStation.value?.clear()
  if (ticket.value) reset(formOf(ticket.value))
  else if (presses.value?.items[0]) reset(blankTicket(presses.value.items[0].id))
}

watch([station, at], () => (looking.value = null))
/** At Method the first design that still wants one is looked at, never one that is done. */
watch(
  [station, () => form.value !== null],
  () => {
    const open = form.value?.decorations.find(({ medium }) => medium === null)
    if (station.value === 'method' && open) at.value = open.id
  },
  { immediate: true },
)
</script>

<template>
  <div class="ticket">
    <TicketHead :ticket="ticket ?? null" :form="form" :station="station" :ticket-id="ticketId" />
    <div v-if="stale" role="alert" class="notice stale">
      {{ $t('ticket.stale') }} <a-button size="small" @click="load">{{ $t('ticket.load') }}</a-button>
    </div>
    <div v-else-if="dirty && restored" class="notice" role="status">
      {{ $t('ticket.draft') }} <a-button size="small" @click="drop">{{ $t('ticket.drop') }}</a-button>
    </div>
    <SinceThen v-if="repeats" :ticket-id="repeats.id" :name="repeats.name" />
    <div class="body" :class="{ thing: thingTitle }">
      <main id="work" class="work">
        <QueryState
          :loading="(ticketId !== undefined && isPending) || (!form && !error)"
          :error="error"
          @retry="refetch"
        >
          <template v-if="form">
            <GarmentStation
              v-if="station === 'garment'"
              ref="garmentStation"
              v-model="form"
              :blank="ticketId ? null : blank"
              :presses="presses?.items ?? []"
              :plan="plan"
              :problem="problem"
              :keeping="keeping"
              @keep="keepAndChoose"
            />
            <MethodStation
              v-else-if="station === 'method'"
              v-model="form"
              v-model:at="at"
              :decoration="decoration"
              :plan="plan"
              :press="pressName"
              :error="preview.error.value"
              :taken="ticket?.planCurrent || form.decorations.length > 1 ? (art?.medium ?? null) : null"
              :shown="shown?.medium ?? null"
              :busy="busy"
              @look="looking = $event"
              @take="takeFor"
              @fix="go('garment')"
            />
            <CutStation
              v-else-if="station === 'cut'"
              v-model:at="at"
              :ticket="ticket ?? null"
              :form="form"
              :plan="stored?.plan ?? null"
              @method="go('method')"
              @press="go('press')"
              @flow="flow"
            />
            <PressStation
              v-else-if="station === 'press' && ticket"
              v-model:at="at"
              :ticket="ticket"
              :stored="stored ?? null"
              :presses="presses?.items ?? []"
              :busy="busy"
              @method="go('method')"
              @tried="tried = $event"
              @settle="settle"
            />
            <CheckStation
              v-else-if="station === 'check' && ticket"
              v-model:at="at"
              :ticket="ticket"
              :plan="stored?.plan ?? null"
            />
          </template>
        </QueryState>
      </main>
      <BesideTheWork :thing="thing" :name="thingTitle ? t(thingTitle) : ''">
        <template #thing>
          <PlaceSection
            v-if="station === 'garment' && form"
            v-model="form"
            :plan="plan"
            @stack="stackWanted = true"
          />
          <ThingHead v-else-if="thingTitle" :title="t(thingTitle)" @stack="stackWanted = true" />
        </template>
        <TicketStack
          v-bind="stack"
          :small="told !== null"
          :thing="thingTitle ? t(thingTitle) : null"
          @thing="stackWanted = false"
        >
          <HeatStory v-if="told" v-bind="told" @now="now = $event" />
        </TicketStack>
      </BesideTheWork>
    </div>
  </div>
</template>

<style scoped>
.ticket {
  display: flex;
  flex-direction: column;
  min-height: calc(100vh - var(--bar));
}

.notice {
  padding: 6px 20px;
  background: var(--tight-ground);
}

.stale {
  background: var(--no-band);
}

.body {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, 1fr) minmax(380px, 40%);
}

.body.thing {
  grid-template-columns: minmax(0, 1fr) minmax(400px, 48%);
}

.work {
  padding: 16px 20px 32px;
}

@media (max-width: 899px) {
  .body,
  .body.thing {
    grid-template-columns: 1fr;
  }
}
</style>
