<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { degrees } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { risksOf } from './patterns'
import { failsFrom, QUESTIONS, type Point, type PressWindow } from './pressWindow'
import RiskPatterns from './RiskPatterns.vue'
import { scalesOf } from './shapes'

/** What each pattern and mark of the map means, in the map's own patterns, and what does not come onto it. */
const props = defineProps<{ window: PressWindow; point: Point }>()
const { t } = useI18n()
const { temperature } = useUnits()
const at = (celsius: number) => `${degrees(celsius, temperature.value)} ${temperature.value}`

const risks = computed(() => risksOf(props.window, scalesOf(props.window)))
/** Questions that nothing of the map speaks of: said in words, so that no pattern is missed. */
const outside = computed(() =>
  QUESTIONS.filter((question) => !risks.value.some((risk) => risk.question === question)).map((question) =>
    t(`window.${question.toLowerCase()}Outside`, {
      end: at(
        props.window.map!.celsius[question === 'HOLD' ? 0 : props.window.map!.celsius.length - 1]! +
          props.window.readsHigh,
      ),
    }),
  ),
)
const from = computed(() => {
  const mark = failsFrom(props.window, 'MARK', props.point.time)
  return mark === null ? '' : t('window.marksFrom', { at: at(mark) })
})
const allowed = computed(() => {
  const { temperatures, times, readsHigh, bySheet } = props.window
  return t(bySheet ? 'window.sheet' : 'window.trade', {
    low: degrees(temperatures.low + readsHigh, temperature.value),
    high: at(temperatures.high + readsHigh),
    short: times.low,
    long: times.high,
  })
})
</script>

<template>
  <ul class="legend" :aria-label="$t('window.legend')">
    <li>
      <svg viewBox="0 0 26 16"><rect class="ground" width="26" height="16" /></svg>
      {{ $t('window.safe') }}
    </li>
    <li v-for="risk in risks" :key="risk.key">
      <svg viewBox="0 0 26 16">
        <RiskPatterns prefix="legend-" />
        <rect class="sheet-ground" width="26" height="16" />
        <rect width="26" height="16" :fill="`url(#legend-${risk.key})`" />
      </svg>
      {{ $t(`window.risk.${risk.key}`) }}{{ risk.key === 'mark-does' && from ? `, ${from}` : '' }}
    </li>
    <li>
      <svg viewBox="0 0 26 16"><ellipse class="strays" cx="13" cy="8" rx="12" ry="6" /></svg>
      {{ $t('window.oval') }}
    </li>
    <li>
      <svg viewBox="0 0 26 16"><rect class="allowed" x="2" y="2" width="22" height="12" /></svg>
      {{ allowed }}
    </li>
    <li v-for="note in outside" :key="note" class="note">{{ note }}</li>
  </ul>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  padding: 8px 0 0;
  font-size: var(--type-note);
  list-style: none;
}

.legend li {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}

svg {
  flex: none;
  width: 26px;
  height: 16px;
  border: 1px solid var(--line);
}

.ground {
  fill: var(--safe-band);
}

.sheet-ground {
  fill: var(--sheet);
}

.strays {
  fill: var(--copper);
  opacity: 0.3;
}

.allowed {
  fill: none;
  stroke: var(--ink);
  stroke-dasharray: 3 3;
  stroke-width: 1.6;
}

.note {
  color: var(--muted);
}
</style>
