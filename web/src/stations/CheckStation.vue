<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import dayjs from 'dayjs'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import { touched } from '@/api/queries'
import { repeat } from '@/ticket/startWith'
import { unitsKey } from '@/quantity/units'
import { when } from '@/quantity/when'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import PlacedDrawing from '@/place/PlacedDrawing.vue'
import BesideIt from '@/shell/BesideIt.vue'
import DecorationTabs from '@/ticket/DecorationTabs.vue'
import { forgetRun } from '@/ticket/openRun'
import { useKey } from '@/shell/keys'
import QueryState from '@/shell/QueryState.vue'
import { useVocabulary } from '@/speech/vocabulary'
import OutcomeForm from '@/log/OutcomeForm.vue'
import { finished } from '@/run/progress'
import { keptTicket, useAside } from './openTicket'

const { ticket, stored, at, art, beside } = keptTicket()
const plan = computed(() => stored.value?.plan ?? null)
const { t } = useI18n()
useAside(() => ({ thing: stored.value ? t('check.thing') : null, stack: 'kept' }))
const client = useQueryClient()
const router = useRouter()
const { title, word } = useVocabulary()
const path = computed(() => ({ path: { ticketId: ticket.value.id }, query: {} }))
const outcomes = useQuery({
  queryKey: ['outcomes', () => ticket.value.id, unitsKey],
  queryFn: () => answer(api.GET('/api/tickets/{ticketId}/outcomes', { params: path.value })),
})
const runs = useQuery({
  queryKey: ['runs', () => ticket.value.id],
  queryFn: () => answer(api.GET('/api/tickets/{ticketId}/runs', { params: path.value })),
})
const logged = computed(() => outcomes.data.value?.items ?? [])
/** Something was pressed in it, and nobody said yet how it came out. */
const open = computed(() =>
  (runs.data.value?.items ?? []).filter(
    (run) => run.reported > 0 && !logged.value.some((outcome) => outcome.runId === run.id),
  ),
)
/** What was seen on its pieces, with how often it was told. */
const seen = computed(() => {
  const counts = new Map<string, number>()
  for (const { outcome } of logged.value)
    for (const one of outcome.seen) counts.set(one, (counts.get(one) ?? 0) + 1)
  return [...counts].map(([what, times]) => ({ what, times }))
})
const logging = ref<string | null>(null)
useKey(['l', 'L'], () => (logging.value = open.value[0]?.id ?? null))

function again() {
  repeat(ticket.value)
  void router.push({ name: 'new-ticket' })
}

function done() {
  logging.value = null
  forgetRun(ticket.value.id)
  void touched(client, 'outcome')
}
</script>

<template>
  <div>
    <div class="head">
      <h2>{{ $t('check.title') }}</h2>
      <span class="muted">{{ $t('check.logged', { logged: ticket.logged, pieces: ticket.pieces }) }}</span>
      <a-button v-if="ticket.planId" class="repeat" @click="again">{{ $t('ticket.repeat') }}</a-button>
    </div>
    <QueryState
      :loading="outcomes.isPending.value || runs.isPending.value"
      :error="outcomes.error.value ?? runs.error.value"
      @retry="outcomes.refetch()"
    >
      <section v-for="run in open" :key="run.id" class="sheet open">
        <OutcomeForm
          v-if="logging === run.id"
          :decorations="ticket.decorations"
          :run-id="run.id"
          :pieces="Math.max(1, Math.min(ticket.pieces - ticket.logged, finished(run.progress, run.steps)))"
          :most="ticket.pieces - ticket.logged"
          @logged="done"
          @later="logging = null"
        />
        <template v-else>
          <span>
            {{ $t('check.open') }}:
            {{ $t('check.events', { n: run.reported, when: when(run.startedAt) }) }}
          </span>
          <a-button type="primary" @click="logging = run.id">{{ $t('check.log') }}</a-button>
        </template>
      </section>
      <p v-if="!open.length && !logged.length" class="sheet open">{{ $t('check.none') }}</p>
      <article v-for="outcome in logged" :key="outcome.runId" class="sheet outcome">
        <p class="counts figure">
          {{ $t('check.good', { n: outcome.outcome.good }) }}
          <span v-if="outcome.outcome.bad" class="bad"
            >· {{ $t('check.bad', { n: outcome.outcome.bad }) }}</span
          >
        </p>
        <p>
          {{ outcome.outcome.seen.map((s) => word('seen', s)).join(', ') }}
          <template v-if="outcome.outcome.temperature !== null">
            · <TemperatureValue :celsius="outcome.outcome.temperature" />
          </template>
          <template v-if="outcome.outcome.time !== null">
            · <TimeValue :seconds="outcome.outcome.time"
          /></template>
        </p>
        <p v-if="outcome.outcome.note" class="note">{{ outcome.outcome.note }}</p>
        <p class="muted">
          {{ when(outcome.loggedAt) }} ·
          {{
            $t(dayjs(outcome.keepBackUntil).isAfter(dayjs()) ? 'check.stays' : 'check.free', {
              when: when(outcome.keepBackUntil),
            })
          }}
        </p>
      </article>
    </QueryState>
    <BesideIt v-if="beside && plan">
      <DecorationTabs v-model="at" :decorations="ticket.decorations" />
      <PlacedDrawing v-if="art" :ticket="ticket" :plan="plan" :decoration="art.id" large />
      <h3 class="seen">{{ $t('check.seen') }}</h3>
      <p v-if="!seen.length" class="muted">{{ $t('check.seenNothing') }}</p>
      <ul v-else>
        <li v-for="{ what, times } in seen" :key="what">
          {{ title('seen', what) }}<span v-if="times > 1" class="muted"> ({{ times }})</span>
        </li>
      </ul>
    </BesideIt>
    <section v-if="plan" class="care">
      <h3>{{ $t('check.care') }}</h3>
      <ul>
        <li v-for="line in plan.care" :key="line">{{ line }}</li>
      </ul>
      <p class="muted">{{ title('medium', plan.decorations[0]?.medium) }}</p>
    </section>
  </div>
</template>

<style scoped>
.repeat {
  margin-left: auto;
}

.head {
  display: flex;
  align-items: baseline;
  gap: 16px;
  padding-bottom: 10px;
}

.open,
.outcome {
  margin-bottom: 10px;
  padding: 14px 18px;
}

.open {
  display: flex;
  align-items: center;
  justify-content: space-between;
}

.counts {
  font-size: var(--type-section);
}

.bad {
  color: var(--no);
}

.note {
  overflow-wrap: anywhere;
}

.seen {
  padding-top: 14px;
}

.care {
  padding-top: 12px;
}
</style>
