<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { degrees, toCelsius } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { useVocabulary } from '@/speech/vocabulary'
import PressDisplay from './PressDisplay.vue'
import PressTruth from './PressTruth.vue'
import type { Practice } from './usePractice'

/** The simulated press: its display, what it is set to, its clock, and what it is like. */
const props = defineProps<{ shift: Practice }>()
const { t } = useI18n()
const { temperature } = useUnits()
const { options } = useVocabulary()
const { kept, speed, known, watched, pressing, closing, busy, phase, at, shown, ready } = props.shift

const toUnit = (celsius: number) => Number(degrees(celsius, temperature.value))
const dial = ref<number | undefined>(toUnit(kept.value.dial ?? 150))
watch(temperature, () => (dial.value = toUnit(kept.value.dial ?? 150)))
const range = computed(() => ({ min: toUnit(40), max: toUnit(230) }))
const dialFits = computed(
  () => typeof dial.value === 'number' && dial.value >= range.value.min && dial.value <= range.value.max,
)
const isSet = computed(() => kept.value.dial !== null && dial.value === toUnit(kept.value.dial))
function turnOn() {
  if (typeof dial.value === 'number' && dialFits.value)
    props.shift.set(Math.round(toCelsius(dial.value, temperature.value) * 10) / 10)
}

const says = computed(() => {
  if (closing.value) return t('practice.says.closing')
  if (phase.value)
    return t('practice.says.phase', { name: phase.value.name, left: Math.ceil(phase.value.to - at.value) })
  if (kept.value.dial === null) return t('practice.says.off')
  if (ready.value) return t('practice.says.ready')
  return t((shown.value ?? 0) < kept.value.dial ? 'practice.says.warming' : 'practice.says.cooling')
})
const KINDS = ['PLATE_SWING', 'HAND_LARGE', 'HAND_MINI']
const kinds = computed(() => options('press').filter(({ value }) => KINDS.includes(value)))
const looked = ref<'strips' | 'truth' | null>(null)
const look = (what: 'strips' | 'truth') => (looked.value = looked.value === what ? null : what)

function another(kind = kept.value.kind) {
  looked.value = null
  props.shift.another(kind)
}
</script>

<template>
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
</template>

<style scoped>
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

.wrong {
  color: var(--no);
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
  border-color: var(--chosen);
  background: var(--mind-ground);
  font-weight: 700;
}
</style>
