<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api, type Problem, type Schemas } from '@/api/client'
import { toCelsius, toFahrenheit } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { useVocabulary } from '@/speech/vocabulary'

type Seen = Schemas['OutcomeForm']['seen'][number]

const props = defineProps<{
  runId: string
  pieces: number
  most: number
  /** What was pressed; with several, a fault is said to be on one. */
  decorations?: Schemas['DecorationForm'][]
}>()
const emit = defineEmits<{ logged: []; later: [] }>()
const { options } = useVocabulary()
const { temperature: unit } = useUnits()

const good = ref<number | undefined>(props.pieces)
const bad = ref<number | undefined>(0)
const seen = ref<Seen[]>(['GOOD_BOND'])
const temperature = ref<number | undefined>()
const time = ref<number | undefined>()
const note = ref('')
const on = ref<string | null>(null)
const askOn = computed(() => (props.decorations?.length ?? 0) > 1 && (bad.value ?? 0) > 0)

const open = computed(() => {
  if ((good.value ?? 0) + (bad.value ?? 0) < 1) return 'outcome.needsPieces'
  if ((bad.value ?? 0) > 0 && !seen.value.some((s) => s !== 'GOOD_BOND')) return 'outcome.needsFault'
  return null
})
const celsius = computed(() => {
  if (temperature.value === undefined || temperature.value === null) return null
  return toCelsius(temperature.value, unit.value)
})

const { mutate, isPending, error } = useMutation<unknown, Problem>({
  mutationFn: () =>
    answer(
      api.PUT('/api/runs/{runId}/outcome', {
        params: { path: { runId: props.runId } },
        body: {
          good: good.value ?? 0,
          bad: bad.value ?? 0,
          seen: seen.value,
          temperature: celsius.value,
          time: time.value ?? null,
          note: note.value,
          decoration: askOn.value ? (on.value ?? props.decorations![0]!.id) : null,
        },
      }),
    ),
  onSuccess: () => emit('logged'),
})

function toggle(value: Seen) {
  seen.value = seen.value.includes(value) ? seen.value.filter((s) => s !== value) : [...seen.value, value]
}
const lowest = computed(() => (unit.value === '°F' ? Math.round(toFahrenheit(0)) : 0))
const highest = computed(() => (unit.value === '°F' ? Math.round(toFahrenheit(300)) : 300))
</script>

<template>
  <!-- What is logged stays: while it is on its way nothing can be changed that would not go with it. -->
  <form class="outcome" :inert="isPending" @submit.prevent="open || mutate()">
    <h1>{{ $t('outcome.title') }}</h1>
    <div class="counts">
      <label>
        <span>{{ $t('outcome.good') }}</span>
        <a-input-number id="good" v-model:value="good" :min="0" :max="10000" :precision="0" size="large" />
      </label>
      <label>
        <span>{{ $t('outcome.bad') }}</span>
        <a-input-number id="bad" v-model:value="bad" :min="0" :max="10000" :precision="0" size="large" />
      </label>
      <label>
        <span>{{ $t('outcome.temperature') }}</span>
        <a-input-number
          id="temperature"
          v-model:value="temperature"
          :min="lowest"
          :max="highest"
          :addon-after="unit"
          :placeholder="$t('outcome.asRecipe')"
          size="large"
        />
      </label>
      <label>
        <span>{{ $t('outcome.time') }}</span>
        <a-input-number
          id="time"
          v-model:value="time"
          :min="0"
          :max="3600"
          addon-after="s"
          :placeholder="$t('outcome.asRecipe')"
          size="large"
        />
      </label>
    </div>
    <fieldset>
      <legend>{{ $t('outcome.seen') }}</legend>
      <button
        v-for="choice in options('seen')"
        :key="choice.value"
        type="button"
        class="seen"
        :class="{ on: seen.includes(choice.value as Seen) }"
        :aria-pressed="seen.includes(choice.value as Seen)"
        @click="toggle(choice.value as Seen)"
      >
        {{ choice.label }}
      </button>
    </fieldset>
    <fieldset v-if="askOn">
      <legend>{{ $t('outcome.on') }}</legend>
      <button
        v-for="one in decorations"
        :key="one.id"
        type="button"
        class="seen"
        :class="{ on: (on ?? decorations![0]!.id) === one.id }"
        :aria-pressed="(on ?? decorations![0]!.id) === one.id"
        @click="on = one.id"
      >
        {{ one.description }}
      </button>
    </fieldset>
    <label class="note">
      <span>{{ $t('outcome.note') }}</span>
      <a-textarea id="note" v-model:value="note" :maxlength="500" :rows="2" />
    </label>
    <p v-if="open" class="needs" role="status">{{ $t(open) }}</p>
    <p v-if="error" class="needs" role="alert">{{ error.message }}</p>
    <div class="row">
      <button type="submit" class="log" :disabled="open !== null || isPending">
        {{ $t('outcome.log') }}
      </button>
      <button type="button" class="later" @click="$emit('later')">{{ $t('outcome.later') }}</button>
    </div>
  </form>
</template>

<style scoped>
.outcome {
  display: grid;
  gap: 18px;
  max-width: 900px;
}

h1 {
  color: inherit;
  font-size: var(--type-far);
}

.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 22px;
}

.counts :deep(.ant-input-number),
.counts :deep(.ant-input-number-group-wrapper) {
  width: 190px;
}

label > span,
legend {
  display: block;
  padding-bottom: 4px;
  border: 0;
  color: var(--muted);
  font-size: var(--type-body);
}

fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 0;
  padding: 0;
  border: 0;
}

.seen {
  min-height: 48px;
  padding: 0 18px;
  border: 1px solid var(--muted);
  border-radius: 10px;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}

.seen.on {
  border: 2px solid var(--chosen);
  background: var(--copper-wash);
  font-weight: 600;
}

.needs {
  color: var(--chosen);
}

.row {
  display: flex;
  gap: 14px;
}

.log,
.later {
  min-height: 60px;
  padding: 0 34px;
  border: 1px solid var(--muted);
  border-radius: 12px;
  background: none;
  color: inherit;
  font: 600 var(--type-section) var(--text);
  cursor: pointer;
}

.log {
  border-color: var(--button);
  background: var(--button);
  color: var(--on-dark);
}

.log:disabled {
  border-color: var(--muted);
  background: none;
  color: var(--muted);
  cursor: default;
}
</style>
