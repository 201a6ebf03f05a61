<script setup lang="ts">
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { computed } from 'vue'
import { temperatureTicks } from '@/heat/curves'
import { degrees } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import type { Watched } from './usePractice'

/** The display of a simulated press, and what it showed for the last minutes. */
const props = defineProps<{ shown: number | null; dial: number | null; says: string; watched: Watched[] }>()
const { temperature } = useUnits()
const CHART = { width: 420, height: 120, left: 40, right: 8, top: 8, bottom: 20 }
const SPAN = 600

const now = computed(() => props.watched.at(-1)?.second ?? 0)
const x = computed(() => scaleLinear([now.value - SPAN, now.value], [CHART.left, CHART.width - CHART.right]))
const y = computed(() => {
  const hottest = Math.max(100, (props.dial ?? 0) + 10, ...props.watched.map(({ shown }) => shown))
  return scaleLinear([0, Math.ceil(hottest / 20) * 20], [CHART.height - CHART.bottom, CHART.top])
})
const ticks = computed(() => temperatureTicks(y.value.domain(), temperature.value))
const minutes = computed(() => [10, 8, 6, 4, 2].map((ago) => ({ ago, x: x.value(now.value - 60 * ago) })))
const path = computed(() => {
  const seen = props.watched.filter(({ second }) => second >= now.value - SPAN)
  const curve = line<Watched>()
    .x(({ second }) => x.value(second))
    .y(({ shown }) => y.value(shown))
  const closed = line<Watched>()
    .defined((moment) => moment.closed)
    .x(({ second }) => x.value(second))
    .y(({ shown }) => y.value(shown))
  return { all: curve(seen) ?? '', closed: closed(seen) ?? '' }
})
</script>

<template>
  <div class="display">
    <div class="reads">
      <output class="digits figure">{{ shown === null ? '--' : degrees(shown, temperature) }}°</output>
      <span class="says" role="status">{{ says }}</span>
    </div>
    <svg :viewBox="`0 0 ${CHART.width} ${CHART.height}`" role="img" :aria-label="$t('practice.chart')">
      <g v-for="tick in ticks" :key="tick.label" class="grid">
        <line :x1="CHART.left" :x2="CHART.width - CHART.right" :y1="y(tick.celsius)" :y2="y(tick.celsius)" />
        <text :x="CHART.left - 5" :y="y(tick.celsius)" class="degree">{{ tick.label }}°</text>
      </g>
      <text v-for="minute in minutes" :key="minute.ago" :x="minute.x" :y="CHART.height - 5" class="ago">
        −{{ minute.ago }} min
      </text>
      <line
        v-if="dial !== null"
        class="dial"
        :x1="CHART.left"
        :x2="CHART.width - CHART.right"
        :y1="y(dial)"
        :y2="y(dial)"
      />
      <path class="all" :d="path.all" />
      <path class="closed" :d="path.closed" />
    </svg>
  </div>
</template>

<style scoped>
.display {
  display: grid;
  grid-template-columns: 170px 1fr;
  align-items: center;
  gap: 14px;
}

.reads {
  display: grid;
  gap: 2px;
}

.digits {
  color: var(--copper);
  font-size: var(--type-timer);
  line-height: 1;
}

.says {
  min-height: 40px;
}

svg {
  display: block;
  width: 100%;
}

text {
  fill: var(--muted);
  font: var(--type-small) var(--figures);
}

.degree {
  text-anchor: end;
  dominant-baseline: central;
}

.ago {
  text-anchor: middle;
}

.grid line {
  stroke: var(--line);
}

.dial {
  stroke: var(--ink);
  stroke-dasharray: 2 3;
}

path {
  fill: none;
}

.all {
  stroke: var(--copper);
  stroke-width: 2;
}

.closed {
  stroke: var(--heading);
  stroke-width: 5;
}
</style>
