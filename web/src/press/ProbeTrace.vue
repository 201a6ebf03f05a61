<script setup lang="ts">
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { temperatureTicks } from '@/heat/curves'
import { useUnits } from '@/quantity/units'

/** What a probe showed, from the closing on. */
const props = defineProps<{ moments: Schemas['Moment'][] }>()
const { temperature } = useUnits()
const CHART = { width: 600, height: 150, left: 44, right: 10, top: 10, bottom: 22 }
const x = computed(() =>
  scaleLinear([0, props.moments.at(-1)!.second], [CHART.left, CHART.width - CHART.right]),
)
const y = computed(() => {
  const hottest = Math.max(...props.moments.map(({ celsius }) => celsius))
  return scaleLinear([0, Math.ceil((hottest + 8) / 20) * 20], [CHART.height - CHART.bottom, CHART.top])
})
const path = computed(
  () =>
    line<Schemas['Moment']>()
      .x(({ second }) => x.value(second))
      .y(({ celsius }) => y.value(celsius))(props.moments) ?? '',
)
const degrees = computed(() => temperatureTicks(y.value.domain(), temperature.value))
</script>

<template>
  <svg
    :viewBox="`0 0 ${CHART.width} ${CHART.height}`"
    role="img"
    :aria-label="$t('measure.trace', { n: moments.length })"
  >
    <g v-for="tick in degrees" :key="tick.label">
      <line :x1="CHART.left" :x2="CHART.width - CHART.right" :y1="y(tick.celsius)" :y2="y(tick.celsius)" />
      <text :x="CHART.left - 6" :y="y(tick.celsius)" class="degree">{{ tick.label }}°</text>
    </g>
    <text v-for="second in x.ticks(6)" :key="second" :x="x(second)" :y="CHART.height - 6" class="second">
      {{ second }} s
    </text>
    <path :d="path" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  margin-top: 10px;
}

line {
  stroke: var(--line);
}

text {
  fill: var(--muted);
  font: var(--type-fine) var(--figures);
}

.degree {
  text-anchor: end;
  dominant-baseline: central;
}

.second {
  text-anchor: middle;
}

path {
  fill: none;
  stroke: var(--copper);
  stroke-width: 2.5;
}
</style>
