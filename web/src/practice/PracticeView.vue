<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { answer, api, Problem } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import NumberField from '@/form/NumberField.vue'
import { formOf } from '@/plan/blankTicket'
import { useTicket } from '@/plan/useTicket'
import StackDrawing from '@/press/StackDrawing.vue'
import { unitsKey, useUnits } from '@/quantity/units'
import QueryState from '@/shell/QueryState.vue'
import { useVocabulary } from '@/speech/vocabulary'
import type { Trial } from '@/window/useTrial'
import CameOf from './CameOf.vue'
import PressDisplay from './PressDisplay.vue'
import PressTruth from './PressTruth.vue'
import { usePractice, type PieceSettings } from './usePractice'

/** A simulated press, garments to practise on, and what came of them. */
const route = useRoute()
const { t } = useI18n()
const { temperature } = useUnits()
const { options } = useVocabulary()
const asText = (value: unknown) => (typeof value === 'string' ? value : undefined)
const ticketId = asText(route.query.ticket)
const thing = asText(route.query.thing)
const { data: ticket } = useTicket(ref(ticketId))
const trial = computed<Trial | null>(() => {
  const one = ticket.value?.decorations.find(({ id }) => id === thing)
  return ticket.value && one?.medium
    ? { ticket: formOf(ticket.value), decoration: one.id, medium: one.medium }
    : null
})
const OWN = 'own'
const {
  data: pieces,
  isPending,
  error,
  refetch,
} = useQuery({
  queryKey: ['practice', 'pieces', unitsKey],
  queryFn: () => answer(api.GET('/api/practice/pieces')),
  staleTime: Infinity,
})
const { data: own, error: notOwn } = useQuery({
  queryKey: ['practice', 'piece', trial, unitsKey],
  queryFn: () => answer(api.POST('/api/practice/piece', { body: trial.value! })),
  enabled: computed(() => trial.value !== null),
})
const all = computed(() => [...(own.value ? [own.value] : []), ...(pieces.value ?? [])])
const chosen = ref<string>(ticketId ? OWN : 'tee')
const piece = computed(
  () => all.value.find(({ key }) => (key ?? OWN) === chosen.value) ?? all.value[0] ?? null,
)
const choices = computed(() => all.value.map(({ key, name }) => ({ value: key ?? OWN, label: name })))

const place = ticketId ? `practice ${ticketId} ${thing}` : 'practice'
const shift = usePractice(trial, place)
const { kept, speed, known, outcome, watched, pressing, closing, turn, at, shown, ready } = shift

/** What a newcomer may begin with, and change. */
const settings = useLocalStorage<PieceSettings>(`${place} settings`, {
  drying: 0,
  cover: 'NONE',
  time: 10,
  pressure: 'MEDIUM',
  peelAfter: 5,
})
const fahrenheit = computed(() => temperature.value === '°F')
const toCelsius = (typed: number) => (fahrenheit.value ? (typed - 32) / 1.8 : typed)
const toUnit = (celsius: number) => Math.round(fahrenheit.value ? celsius * 1.8 + 32 : celsius)
const dial = ref<number | undefined>(toUnit(kept.value.dial ?? 150))
watch(temperature, () => (dial.value = toUnit(kept.value.dial ?? 150)))
const range = computed(() => ({ min: toUnit(40), max: toUnit(230) }))
const fits = (value: number | null | undefined, min: number, max: number) =>
  typeof value === 'number' && value >= min && value <= max
const dialFits = computed(() => fits(dial.value, range.value.min, range.value.max))
const settingsFit = computed(
  () =>
    fits(settings.value.drying, 0, 60) &&
    fits(settings.value.time, 1, 600) &&
    (!piece.value?.peels || fits(settings.value.peelAfter, 1, 600)),
)
const isSet = computed(() => kept.value.dial !== null && dial.value === toUnit(kept.value.dial))
function turnOn() {
  if (typeof dial.value === 'number' && dialFits.value) shift.set(Math.round(toCelsius(dial.value) * 10) / 10)
}

function press() {
  if (!piece.value || !settingsFit.value) return
  const peelAfter = piece.value.peels ? settings.value.peelAfter : null
  shift.close(piece.value.key, { ...settings.value, peelAfter })
}

const busy = computed(() => pressing.value || closing.value)
const says = computed(() => {
  if (closing.value) return t('practice.says.closing')
  if (turn.value)
    return t('practice.says.turn', { name: turn.value.name, left: Math.ceil(turn.value.to - at.value) })
  if (kept.value.dial === null) return t('practice.says.off')
  if (ready.value) return t('practice.says.ready')
  return t((shown.value ?? 0) < kept.value.dial ? 'practice.says.warming' : 'practice.says.cooling')
})
const KINDS = ['PLATE_SWING', 'HAND_LARGE', 'HAND_MINI']
const kinds = computed(() => options('press').filter(({ value }) => KINDS.includes(value)))
const PRESSURES = ['LIGHT', 'MEDIUM', 'FIRM']
const pressures = computed(() => options('pressure').filter(({ value }) => PRESSURES.includes(value)))
const byHand = computed(() => kept.value.kind.startsWith('HAND'))
const looked = ref<'strips' | 'truth' | null>(null)
const look = (what: 'strips' | 'truth') => (looked.value = looked.value === what ? null : what)
const failed = computed(() => {
  const problem = shift.error.value
  return problem instanceof Problem ? problem.message : problem ? String(problem) : ''
})

function another(kind = kept.value.kind) {
  looked.value = null
  shift.another(kind)
}
</script>

<template>
  <main id="work" class="view">
    <div class="view-head">
      <h1>{{ $t('practice.title') }}</h1>
      <span class="muted">{{ $t('practice.intro') }}</span>
      <span class="actions">
        <RouterLink v-if="ticketId" :to="{ name: 'ticket', params: { id: ticketId, station: 'press' } }">{{
          $t('practice.back')
        }}</RouterLink>
      </span>
    </div>
    <p v-if="notOwn" class="wrong" role="alert">{{ notOwn.message }} {{ $t('practice.piecesInstead') }}</p>
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <div v-if="piece" class="room">
        <div class="work">
          <section class="sheet box" :aria-label="$t('practice.press')">
            <div class="head">
              <h2>{{ $t('practice.press') }}</h2>
              <a-select
                id="practice-kind"
                :value="kept.kind"
                :options="kinds"
                :aria-label="$t('practice.kind')"
                :disabled="busy"
                show-search
                class="kind"
                @change="(kind: unknown) => another(kind as typeof kept.kind)"
              />
              <a-button :disabled="busy" @click="another()">{{ $t('practice.another') }}</a-button>
            </div>
            <PressDisplay :shown="shown" :dial="kept.dial" :says="says" :watched="watched" />
            <div class="line">
              <label for="practice-dial">{{ $t('practice.dial') }}</label>
              <a-input-number
                id="practice-dial"
                v-model:value="dial"
                :addon-after="temperature"
                :disabled="busy"
                class="dial"
                @press-enter="turnOn"
              />
              <a-button :disabled="busy || isSet || !dialFits" @click="turnOn">
                {{ $t(kept.dial === null ? 'practice.switchOn' : 'practice.set') }}
              </a-button>
              <a-button v-if="pressing" @click="shift.skipToEnd()">{{ $t('practice.skipToEnd') }}</a-button>
              <a-button v-else :disabled="kept.dial === null || ready || busy" @click="shift.skipToReady()">
                {{ $t('practice.skipToReady') }}
              </a-button>
            </div>
            <p v-if="!dialFits" class="wrong" role="alert">
              {{ $t('form.between', { ...range, unit: ` ${temperature}` }) }}
            </p>
            <div class="line">
              <a-button size="small" :aria-expanded="looked === 'strips'" @click="look('strips')">
                {{ $t('practice.strips') }}
              </a-button>
              <a-button size="small" :aria-expanded="looked === 'truth'" @click="look('truth')">
                {{ $t('practice.truth') }}
              </a-button>
              <span class="speed" role="group" :aria-label="$t('practice.speed')">
                <button
                  v-for="times in [1, 10, 60]"
                  :key="times"
                  type="button"
                  :aria-pressed="speed === times"
                  @click="speed = times"
                >
                  ×{{ times }}
                </button>
              </span>
            </div>
            <PressTruth v-if="looked && known" :known="known" :dial="kept.dial" :what="looked" />
          </section>
          <section class="sheet box" :aria-label="$t('practice.piece')">
            <h2>{{ $t('practice.piece') }}</h2>
            <a-select
              id="practice-piece"
              v-model:value="chosen"
              :options="choices"
              :aria-label="$t('practice.piece')"
              :disabled="busy"
              show-search
              option-filter-prop="label"
              class="full"
            />
            <p class="muted">{{ piece.task }}</p>
            <div class="fields">
              <NumberField
                id="practice-drying"
                v-model="settings.drying"
                :label="$t('practice.drying')"
                :min="0"
                :max="60"
                unit="s"
              />
              <ChoiceField
                id="practice-cover"
                v-model="settings.cover"
                :label="$t('practice.cover')"
                :options="options('cover')"
              />
              <NumberField
                id="practice-time"
                v-model="settings.time"
                :label="$t('practice.time')"
                :min="1"
                :max="600"
                unit="s"
              />
              <ChoiceField
                v-if="!byHand"
                id="practice-pressure"
                v-model="settings.pressure"
                :label="$t('practice.pressure')"
                :options="pressures"
              />
              <NumberField
                v-if="piece.peels"
                id="practice-peel"
                v-model="settings.peelAfter"
                :label="$t('practice.peelAfter')"
                :min="1"
                :max="600"
                unit="s"
              />
            </div>
            <p v-if="failed" class="wrong" role="alert">
              {{ failed }}
              <a-button size="small" @click="shift.takeBack()">{{ $t('practice.takeBack') }}</a-button>
            </p>
            <p class="line">
              <a-button
                type="primary"
                size="large"
                :disabled="kept.dial === null || busy || !settingsFit"
                @click="press"
              >
                {{ $t('practice.close') }}
              </a-button>
              <span v-if="kept.dial === null" class="muted">{{ $t('practice.first') }}</span>
            </p>
          </section>
          <p class="muted small">{{ $t('practice.caution') }}</p>
        </div>
        <aside class="side" :aria-label="$t('practice.cameTitle')">
          <h2>{{ $t('ticket.stack') }}</h2>
          <StackDrawing
            :stack="outcome?.stack ?? piece.stack"
            :depth="piece.depth"
            :hue="piece.hue"
            :height="230"
          />
          <p v-if="busy" class="muted">{{ $t('practice.wait') }}</p>
          <CameOf v-else-if="outcome" :pressed="outcome" />
          <p v-else class="muted">{{ $t('practice.nothingYet') }}</p>
        </aside>
      </div>
    </QueryState>
  </main>
</template>

<style scoped>
.room {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 20px;
}

@media (max-width: 900px) {
  .room {
    grid-template-columns: minmax(0, 1fr);
  }
}

.work {
  display: grid;
  align-content: start;
  gap: 14px;
}

.box {
  display: grid;
  gap: 10px;
  padding: 14px 18px;
}

.head,
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

.head h2 {
  margin-right: auto;
}

.kind {
  width: 200px;
}

.dial {
  width: 140px;
}

.full {
  width: 100%;
}

.fields {
  grid-template-columns: 1fr 1.7fr 1fr 1.2fr 1fr;
  padding: 0;
}

.speed {
  display: inline-flex;
  margin-left: auto;
}

.speed button {
  min-width: 44px;
  min-height: 36px;
  border: 1px solid var(--line);
  background: var(--sheet);
  color: inherit;
  font: inherit;
  cursor: pointer;
}

.speed button[aria-pressed='true'] {
  border-color: var(--copper);
  background: var(--mind-ground);
  font-weight: 700;
}

.wrong {
  color: var(--no);
}

.small {
  font-size: 13px;
}

.side {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: start;
  gap: 8px;
}
</style>
