<script setup lang="ts">
import { computed } from 'vue'
import { useUnits } from '@/quantity/units'
import { CHART, pathOf, scalesOf, type Story, temperatureTicks } from './curves'

/** Temperatures of platen, glue line and every face over time; the press is closed where the ground is warm. */
const props = defineProps<{ story: Story; time: number; every: boolean }>()
const { temperature } = useUnits()

const scales = computed(() => scalesOf(props.story))
const seconds = computed(() => props.story.seconds)
const timeTicks = computed(() => scales.value.x.ticks(6))
const degreeTicks = computed(() => temperatureTicks(scales.value.y.domain(), temperature.value))
const limits = computed(() =>
  props.story.limits.filter((limit) => limit.celsius <= scales.value.y.domain()[1]!),
)
const faces = computed(() =>
  props.every
    ? props.story.layers.flatMap((layer) => [...layer.upper, ...layer.lower])
    : props.story.layers.filter((layer) => layer.kind === 'FRONT').flatMap((layer) => layer.upper),
)
const closed = computed(() => props.story.stretches.filter((stretch) => stretch.closed))
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
      <text
        v-if="scales.x(stretch.to) - scales.x(stretch.from) > 24"
        class="doing"
        :x="scales.x(stretch.from)"
        y="13"
      >
        {{ stretch.name }}
      </text>
    </g>
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
      <text :x="CHART.width - CHART.right - 4" :y="scales.y(limit.celsius) - 4">{{ limit.what }}</text>
    </g>
    <path v-for="(curve, n) in faces" :key="`face${n}`" class="face" :d="pathOf(curve, seconds, scales)" />
    <path
      v-for="(curve, n) in story.platen"
      :key="`platen${n}`"
      class="platen"
      :d="pathOf(curve, seconds, scales)"
    />
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
  font: 13px var(--figures);
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
