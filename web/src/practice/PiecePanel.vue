<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { Problem, type Schemas } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import NumberField from '@/form/NumberField.vue'
import { capital } from '@/quantity/format'
import { useVocabulary } from '@/speech/vocabulary'
import type { PieceSettings, Practice } from './usePractice'

/** The piece that is practised on, and how it is pressed. */
const props = defineProps<{
  shift: Practice
  piece: Schemas['PieceView']
  choices: { value: string; label: string }[]
  /** What the settings are kept under. */
  place: string
}>()
const chosen = defineModel<string>({ required: true })
const { options } = useVocabulary()
const { kept, busy } = props.shift

/** What a newcomer may begin with, and change. */
const settings = useLocalStorage<PieceSettings>(`${props.place} settings`, {
  drying: 0,
  cover: 'NONE',
  time: 10,
  pressure: 'MEDIUM',
  peelAfter: 5,
})
const fits = (value: number | null, min: number, max: number) =>
  typeof value === 'number' && value >= min && value <= max
const settingsFit = computed(
  () =>
    fits(settings.value.drying, 0, 60) &&
    fits(settings.value.time, 1, 600) &&
    (!props.piece.peels || fits(settings.value.peelAfter, 1, 600)),
)

function press() {
  if (!settingsFit.value) return
  const peelAfter = props.piece.peels ? settings.value.peelAfter : null
  props.shift.close(props.piece.key, { ...settings.value, peelAfter })
}

const PRESSURES = ['LIGHT', 'MEDIUM', 'FIRM']
const pressures = computed(() => options('pressure').filter(({ value }) => PRESSURES.includes(value)))
const byHand = computed(() => kept.value.kind.startsWith('HAND'))
const failed = computed(() => {
  const problem = props.shift.error.value
  return problem instanceof Problem ? problem.message : problem ? String(problem) : ''
})
</script>

<template>
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
    <p class="muted">{{ capital(piece.medium) }}. {{ piece.task }}</p>
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
</template>

<style scoped>
.box {
  display: grid;
  gap: 10px;
  padding: 14px 18px;
}

.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

.full {
  width: 100%;
}

.fields {
  grid-template-columns: 1fr 1.7fr 1fr 1.2fr 1fr;
  padding: 0;
}

.wrong {
  color: var(--no);
}
</style>
