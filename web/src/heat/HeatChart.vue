<script setup lang="ts">
import { computed } from 'vue'
import { useUnits } from '@/quantity/units'
import { CHART, type OtherLine, pathOf, scalesOf, type Story, temperatureTicks } from './curves'

/**
 * Temperatures of platen, glue line and every face over time, and the glue lines of the other things of the ticket; the
 * press is closed where the ground is warm.
 */
const props = defineProps<{ story: Story; others: OtherLine[]; time: number; every: boolean }>()
const { temperature } = useUnits()

const scales = computed(() => scalesOf(props.story))
const seconds = computed(() => props.story.seconds)
const timeTicks = computed(() => scales.value.x.ticks(6))
const degreeTicks = computed(() => temperatureTicks(scales.value.y.domain(), temperature.value))
const limits = computed(() =>
  props.story.limits.filter((limit) => limit.celsius <= scales.value.y.domain()[1]!),
)
/** Under its line where the names of the presses stand above it. */
const limitText = (celsius: number) => {
  const line = scales.value.y(celsius)
  return line - 4 < CHART.top + 12 ? line + 13 : line - 4
}
const faces = computed(() =>
  props.every
    ? props.story.layers.flatMap((layer) => [...layer.upper, ...layer.lower])
    : props.story.layers.filter((layer) => layer.kind === 'FRONT').flatMap((layer) => layer.upper),
)
/** As wide as a letter of the names above the chart is at most. */
const LETTER = 7
const closed = computed(() => props.story.stretches.filter((stretch) => stretch.closed))
/** The names that have room before the next one; the others are read with the slider. */
const named = computed(() => {
  const placed: { name: string; x: number; end: number }[] = []
  for (const { name, from } of [...closed.value].sort((a, b) => Number(b.main) - Number(a.main))) {
    const x = scales.value.x(from)
    const end = x + LETTER * name.length
    if (end < CHART.width && !placed.some((other) => x < other.end && other.x < end))
      placed.push({ name, x, end })
  }
  return placed
})
/** Each name stands where its line begins, below the curves; the next one a line higher. */
const lines = computed(() =>
  props.others.map((other, n) => {
    const begins = other.seconds[other.curves[0]?.from ?? 0] ?? 0
    const x = Math.min(scales.value.x(begins), CHART.width - CHART.right - LETTER * other.name.length)
    return { ...other, x: Math.max(CHART.left, x), y: CHART.height - CHART.bottom - 4 - 13 * (n % 2) }
  }),
)
const bottom = CHART.height - CHART.bottom
</script>

<template>
  <svg
    :viewBox="`0 0 ${CHART.width} ${CHART.height}`"
    role="img"
    :aria-label="$t('heat.chart', { events: story.events.map((e) => e.what).join(', ') })"
  >
    <g v-for="stretch in closed" :key="stretch.from">
      <rect
        class="closed"
        :x="scales.x(stretch.from)"
        :y="CHART.top"
        :width="scales.x(stretch.to) - scales.x(stretch.from)"
        :height="bottom - CHART.top"
      />
    </g>
    <text v-for="name in named" :key="`${name.name}${name.x}`" class="doing" :x="name.x" y="13">
      {{ name.name }}
    </text>
    <g v-for="tick in degreeTicks" :key="tick.label" class="grid">
      <line
        :x1="CHART.left"
        :x2="CHART.width - CHART.right"
        :y1="scales.y(tick.celsius)"
        :y2="scales.y(tick.celsius)"
      />
      <text :x="CHART.left - 5" :y="scales.y(tick.celsius)" class="degree">{{ tick.label }}°</text>
    </g>
    <text v-for="tick in timeTicks" :key="tick" :x="scales.x(tick)" :y="CHART.height - 6" class="second">
      {{ tick }} s
    </text>
    <g v-for="limit in limits" :key="limit.what" class="limit">
      <line
        :x1="CHART.left"
        :x2="CHART.width - CHART.right"
        :y1="scales.y(limit.celsius)"
        :y2="scales.y(limit.celsius)"
      />
      <text :x="CHART.width - CHART.right - 4" :y="limitText(limit.celsius)">{{ limit.what }}</text>
    </g>
    <path v-for="(curve, n) in faces" :key="`face${n}`" class="face" :d="pathOf(curve, seconds, scales)" />
    <path
      v-for="(curve, n) in story.platen"
      :key="`platen${n}`"
      class="platen"
      :d="pathOf(curve, seconds, scales)"
    />
    <g v-for="other in lines" :key="other.name" class="other">
      <path v-for="(curve, n) in other.curves" :key="`other${n}`" :d="pathOf(curve, other.seconds, scales)" />
      <text :x="other.x" :y="other.y">{{ other.name }}</text>
    </g>
    <path
      v-for="(curve, n) in story.glueLine"
      :key="`glue${n}`"
      class="glue-line"
      :d="pathOf(curve, seconds, scales)"
    />
    <circle
      v-for="event in story.events"
      :key="`${event.what}${event.at}`"
      class="event"
      :cx="scales.x(event.at)"
      :cy="scales.y(event.celsius)"
      r="4.5"
    />
    <line class="now" :x1="scales.x(time)" :x2="scales.x(time)" :y1="CHART.top" :y2="bottom" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}

text {
  fill: var(--muted);
  font: var(--type-fine) var(--figures);
}

.doing {
  fill: var(--ink);
}

.closed {
  fill: var(--press-ground);
}

.grid line {
  stroke: var(--line);
}

.degree {
  text-anchor: end;
  dominant-baseline: central;
}

.second {
  text-anchor: middle;
}

.limit line {
  stroke: var(--no);
  stroke-dasharray: 5 4;
}

.limit text {
  fill: var(--no);
  text-anchor: end;
}

path {
  fill: none;
}

.face {
  stroke: var(--slate);
  stroke-width: 1.2;
}

.platen {
  stroke: var(--ink);
  stroke-dasharray: 2 3;
  stroke-width: 1.6;
}

.glue-line {
  stroke: var(--copper);
  stroke-width: 3;
}

.other path {
  stroke: var(--copper);
  stroke-dasharray: 7 3;
  stroke-width: 1.4;
}

.other text {
  font-size: var(--type-small);
}

.event {
  fill: var(--sheet);
  stroke: var(--copper);
  stroke-width: 2.5;
}

.now {
  stroke: var(--heading);
  stroke-width: 1.4;
}
</style>
