<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { App } from 'ant-design-vue'
import { answer, api, Problem, type DecorationForm } from '@/api/client'
import GarmentStation from '@/cloth/GarmentStation.vue'
import CutStation from '@/cut/CutStation.vue'
import HeatStory from '@/heat/HeatStory.vue'
import CheckStation from '@/log/CheckStation.vue'
import { when } from '@/quantity/when'
import { useKey } from '@/shell/keys'
import QueryState from '@/shell/QueryState.vue'
import { blankTicket, formOf } from './blankTicket'
import { currentOption, decorationOf, needsCutting } from './currentOption'
import MethodStation from './MethodStation.vue'
import PressStation from './PressStation.vue'
import type { OwnSetting } from '@/window/useTrial'
import { useTried } from '@/window/useTried'
import { STATIONS, type StationName } from './stations'
import { takeStart } from './startWith'
import SinceThen from './SinceThen.vue'
import StackDrawer from './StackDrawer.vue'
import StationRibbon from './StationRibbon.vue'
import TicketStack from './TicketStack.vue'
import { useMakePlan, usePlan, useSaveTicket, useTicket } from './useTicket'
import { usePreview } from './usePreview'
import { useTicketDraft } from './useTicketDraft'

const route = useRoute()
const router = useRouter()
const { t } = useI18n()
const { message } = App.useApp()

const ticketId = computed(() => (route.name === 'new-ticket' ? undefined : (route.params.id as string)))
const station = computed<StationName>(() =>
  ticketId.value ? (route.params.station as StationName) || 'garment' : 'garment',
)

const { id, form, dirty, restored, base, reset } = useTicketDraft(ticketId.value ?? 'new')
const { data: ticket, isPending, error, refetch } = useTicket(ticketId)
const { data: presses } = useQuery({
  queryKey: ['presses'],
  queryFn: () => answer(api.GET('/api/presses', { params: { query: {} } })),
})
const pressName = computed(
  () => presses.value?.items.find((item) => item.id === form.value?.pressId)?.press.name ?? null,
)
const planId = computed(() => ticket.value?.planId)
const { data: stored } = usePlan(planId)
const preview = usePreview(form)
const save = useSaveTicket()
const makePlan = useMakePlan()
const stale = ref(false)
const problem = ref<Problem | null>(null)
const looking = ref<string | null>(null)
const repeats = ref<{ id: string; name: string } | null>(null)
const wide = useMediaQuery('(min-width: 900px)')

/** A new ticket begins blank, with a cloth from Cloth memory, or as an earlier one. */
function beginNew(pressId: string) {
  base(blankTicket(pressId))
  const start = takeStart()
  if (!start || !form.value) return
  form.value.garment = start.garment
  const before = start.repeats
  repeats.value = before && { id: before.id, name: before.name }
  if (before) {
    const { title, customer, pieces, decorations } = before
    Object.assign(form.value, { title, customer, pieces, pressId: before.pressId, decorations })
  }
}

watch(
  [ticket, presses],
  () => {
    if (ticket.value) base(formOf(ticket.value))
    else if (!ticketId.value && presses.value?.items[0]) beginNew(presses.value.items[0].id)
  },
  { immediate: true },
)

watch(
  () => [ticket.value?.version, form.value?.version],
  ([server, typed]) => {
    stale.value = dirty.value && server !== undefined && typed !== undefined && server > typed
  },
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
    ? decorationOf(stored.value?.plan ?? null, art.value?.id)?.medium === 'no-heat'
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

async function keep(): Promise<boolean> {
  if (!form.value) return false
  problem.value = null
  const target = ticketId.value ?? id.value
  try {
    const kept = await save.mutateAsync({ id: target, form: form.value })
    reset(formOf(kept))
    return true
  } catch (e) {
    if (!(e instanceof Problem)) throw e
    problem.value = e
    if (e.kind === 'stale') stale.value = true
    else message.error(e.message)
    return false
  }
}

async function keepAndChoose() {
  const target = ticketId.value ?? id.value
  if (await keep()) await router.push({ name: 'ticket', params: { id: target, station: 'method' } })
}

/** Settles one thing, or leaves it to sheet, trade and heat, and plans anew. */
async function settle(id: string, own: OwnSetting | null) {
  const medium = form.value?.decorations.find((one) => one.id === id)?.medium
  if (medium) await take(medium, id, own)
}

/** Takes a medium; the plan is made once every decoration has one. */
async function take(medium: string, id?: string, own?: OwnSetting | null) {
  const taken = form.value?.decorations.find((one) => one.id === (id ?? art.value?.id))
  if (!form.value || !ticketId.value || !taken) return
  const before = { medium: taken.medium, own: taken.own }
  Object.assign(taken, { medium, own: own === undefined ? taken.own : own })
  if (!(await keep())) {
    Object.assign(taken, before)
    return
  }
  const next = form.value.decorations.find((one) => one.medium === null)
  if (next) {
    message.info(t('together.next', { what: taken.description }))
    at.value = next.id
    looking.value = null
    return
  }
  try {
    await makePlan.mutateAsync({ ticketId: ticketId.value, planId: crypto.randomUUID() })
    const cut = form.value.decorations.some(({ id, medium: chosen }) =>
      needsCutting(decorationOf(plan.value, id)?.options.find((option) => option.medium === chosen)),
    )
    if (station.value !== 'press') go(cut ? 'cut' : 'press')
  } catch (e) {
    message.error(e instanceof Problem ? e.message : String(e))
  }
}

/** What the art at Cut says of a thing is kept in the ticket. */
async function flow(id: string, by: Partial<DecorationForm>) {
  const thing = form.value?.decorations.find((one) => one.id === id)
  if (!thing) return
  Object.assign(thing, by)
  if (await keep()) message.info(t('cut.flowed'))
}

async function load() {
  stale.value = false
  const fresh = await refetch()
  if (fresh.data) reset(formOf(fresh.data))
}

function drop() {
  if (ticket.value) reset(formOf(ticket.value))
  else if (presses.value?.items[0]) reset(blankTicket(presses.value.items[0].id))
}

watch([station, at], () => (looking.value = null))

const heading = computed(() => (ticketId.value ? form.value?.title : t('ticket.new')))
const subtitle = computed(() => {
  if (!ticket.value || !form.value) return ''
  const what = t('ticket.subtitle', {
    pieces: form.value.pieces,
    garment: form.value.garment.name,
    on: form.value.decorations.map(({ description }) => description).join(', '),
  })
  return `${what} · ${t('ticket.due', { when: when(form.value.dueAt) })}`
})
</script>

<template>
  <div class="ticket">
    <div class="head">
      <div class="title">
        <h1>
          <span v-if="ticket" class="number">{{ ticket.name }}</span> {{ heading }}
        </h1>
        <p class="muted">{{ subtitle }}</p>
      </div>
      <StationRibbon :current="station" :stations="ticket?.stations ?? []" :ticket-id="ticketId" />
    </div>
    <div v-if="stale" role="alert" class="notice stale">
      {{ $t('ticket.stale') }} <a-button size="small" @click="load">{{ $t('ticket.load') }}</a-button>
    </div>
    <div v-else-if="dirty && restored" class="notice" role="status">
      {{ $t('ticket.draft') }} <a-button size="small" @click="drop">{{ $t('ticket.drop') }}</a-button>
    </div>
    <SinceThen v-if="repeats" :ticket-id="repeats.id" :name="repeats.name" />
    <div class="body">
      <main id="work" class="work">
        <QueryState
          :loading="(ticketId !== undefined && isPending) || (!form && !error)"
          :error="error"
          @retry="refetch"
        >
          <template v-if="form">
            <GarmentStation
              v-if="station === 'garment'"
              v-model="form"
              :presses="presses?.items ?? []"
              :plan="plan"
              :problem="problem"
              :keeping="save.isPending.value"
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
              :busy="save.isPending.value || makePlan.isPending.value"
              @look="looking = $event"
              @take="take"
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
              :busy="save.isPending.value || makePlan.isPending.value"
              @method="go('method')"
              @tried="tried = $event"
              @settle="settle"
            />
            <CheckStation
              v-else-if="station === 'check' && ticket"
              :ticket="ticket"
              :plan="stored?.plan ?? null"
            />
          </template>
        </QueryState>
      </main>
      <aside v-if="wide" class="side" :aria-label="$t('ticket.stack')">
        <TicketStack v-bind="stack" :small="told !== null">
          <HeatStory v-if="told" v-bind="told" @now="now = $event" />
        </TicketStack>
      </aside>
      <StackDrawer v-else>
        <TicketStack v-bind="stack" :small="told !== null">
          <HeatStory v-if="told" v-bind="told" @now="now = $event" />
        </TicketStack>
      </StackDrawer>
    </div>
  </div>
</template>

<style scoped>
.ticket {
  display: flex;
  flex-direction: column;
  min-height: calc(100vh - var(--bar));
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px 24px;
  padding: 8px 20px;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
}

.title {
  flex: 1 1 300px;
  min-width: 0;
}

h1 {
  overflow: hidden;
  font-size: 26px;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.title p {
  overflow: hidden;
  min-height: 20px;
  font-size: 14px;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.number {
  margin-right: 6px;
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

.work {
  padding: 16px 20px 32px;
}

.side {
  padding: 16px 20px;
  border-left: 1px solid var(--line);
  background: var(--sheet);
}

@media (max-width: 899px) {
  .body {
    grid-template-columns: 1fr;
  }
}
</style>
