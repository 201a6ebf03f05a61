<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Option } from '@/api/client'
import { capital, duration } from '@/quantity/format'
import PeelMark from '@/speech/PeelMark.vue'
import PressureMark from '@/speech/PressureMark.vue'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import { useVocabulary } from '@/speech/vocabulary'

/** Any two of the media that will do, side by side. */
const props = defineProps<{ options: Option[] }>()
const { word, title } = useVocabulary()
const { t } = useI18n()
const left = ref('')
const right = ref('')
watch(
  () => props.options.map((option) => option.medium),
  (media) => {
    if (!media.includes(left.value)) left.value = media[0] ?? ''
    if (!media.includes(right.value)) right.value = media[1] ?? ''
  },
  { immediate: true },
)
const choices = computed(() =>
  props.options.map((option) => ({ value: option.medium, label: capital(option.name) })),
)
const both = computed(() =>
  [left.value, right.value].flatMap(
    (medium) => props.options.find((option) => option.medium === medium) ?? [],
  ),
)
const criteria = computed(() => both.value[0]?.standing.scores.map((score) => score.criterion) ?? [])
const score = (option: Option, criterion: string) =>
  option.standing.scores.find((s) => s.criterion === criterion)
const presses = (option: Option) =>
  1 + option.recipe.presses.before.length + option.recipe.presses.after.length
const order = (option: Option) => {
  const time = duration(option.standing.order)
  return `${time.value} ${time.unit}`
}
const columns = computed(() => [
  { model: left, label: t('method.compareLeft') },
  { model: right, label: t('method.compareRight') },
])
</script>

<template>
  <section class="sheet compare" :aria-label="$t('method.compare')">
    <table>
      <thead>
        <tr>
          <td></td>
          <th v-for="column in columns" :key="column.label" scope="col">
            <a-select
              v-model:value="column.model.value"
              :options="choices"
              :aria-label="column.label"
              style="width: 100%"
            />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="question in ['hold', 'mark', 'bleed'] as const" :key="question">
          <th scope="row">{{ $t(`question.${question.toUpperCase()}`) }}</th>
          <td v-for="option in both" :key="option.medium">
            <strong class="word" :class="option.margins[question].verdict.toLowerCase()">{{
              word('verdict', option.margins[question].verdict)
            }}</strong>, {{ option.margins[question].figure }}.
            <span class="muted">{{ option.margins[question].reason }}</span>
          </td>
        </tr>
        <tr>
          <th scope="row">{{ $t('method.setting') }}</th>
          <td v-for="option in both" :key="option.medium">
            <span class="setting">
              <TemperatureValue :celsius="option.recipe.setting.dial.value" />
              <TimeValue :seconds="option.recipe.setting.time.value" />
              <PressureMark :pressure="option.recipe.setting.pressure.value" />
              <PeelMark :peel="option.recipe.peel.when.value" />
            </span>
          </td>
        </tr>
        <tr>
          <th scope="row">{{ capital($t('press.cover')) }}</th>
          <td v-for="option in both" :key="option.medium">
            {{ title('cover', option.recipe.layUp.cover.value) }}
          </td>
        </tr>
        <tr>
          <th scope="row">{{ $t('method.presses') }}</th>
          <td v-for="option in both" :key="option.medium">
            {{ presses(option) }}<template v-if="option.press">, {{ option.press }}</template>
          </td>
        </tr>
        <tr>
          <th scope="row">{{ $t('method.orderTime') }}</th>
          <td v-for="option in both" :key="option.medium">{{ order(option) }}</td>
        </tr>
        <tr v-for="criterion in criteria" :key="criterion">
          <th scope="row">{{ title('criterion', criterion) }}</th>
          <td v-for="option in both" :key="option.medium">
            <span
              class="points figure"
              :aria-label="$t('method.points', { n: score(option, criterion)?.points ?? 0 })"
              >{{ score(option, criterion)?.points }}</span
            >
            {{ capital(score(option, criterion)?.why ?? '') }}
          </td>
        </tr>
        <tr>
          <th scope="row">{{ $t('press.cautions') }}</th>
          <td v-for="option in both" :key="option.medium">{{ option.advice.cautions.join(' ') }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.compare {
  padding: 12px 16px;
}

table {
  width: 100%;
  table-layout: fixed;
  border-collapse: collapse;
}

tbody tr {
  border-top: 1px solid var(--line);
}

th,
td {
  padding: 7px 10px 7px 0;
  text-align: left;
  vertical-align: top;
}

tr > :first-child {
  width: 110px;
  color: var(--muted);
  font-weight: 400;
}

.setting {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}

.word.safe {
  color: var(--safe);
}

.word.tight {
  color: var(--tight);
}

.word.no {
  color: var(--no);
}

.points {
  display: inline-block;
  min-width: 20px;
  color: var(--chosen);
  font-size: var(--type-lead);
}
</style>
