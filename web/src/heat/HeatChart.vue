<script setup lang="ts">
import { scaleLinear } from 'd3-scale'
import { computed, ref } from 'vue'
import { useLetterSize } from '@/quantity/useLetterSize'
import { useUnits } from '@/quantity/units'
import {
  bandNames,
  CHART,
  closingOf,
  NAME,
  type OtherLine,
  pathOf,
  scalesOf,
  type Story,
  temperatureTicks,
} from './curves'

/**
 * Temperatures of platen, glue line and every face over time, and the glue lines of the other things of the ticket; the
 * press is closed where the ground is warm.
 */
const props = defineProps<{ story: Story; others: OtherLine[]; time: number; every: boolean }>()
const { temperature } = useUnits()

const svg = ref<SVGSVGElement>()
const letter = useLetterSize(svg, () => CHART)
const closed = computed(() => props.story.stretches.filter((stretch) => stretch.closed))
const names = computed(() => bandNames(closed.value, scalesOf(props.story).x))
const top = computed(() => CHART.top + NAME.height * (1 + Math.max(0, ...names.value.map(({ row }) => row))))
const scales = computed(() => scalesOf(props.story, top.value))
const seconds = computed(() => props.story.seconds)
/** Round seconds of the clock, which begins when the press closes. */
const timeTicks = computed(() => {
  const from = closingOf(props.story)
  const [first, last] = scales.value.x.domain() as [number, number]
  return scaleLinear([first - from, last - from], [0, 1])
    .ticks(6)
    .map((seconds) => ({ seconds, x: scales.value.x(seconds + from) }))
})
const degreeTicks = computed(() => temperatureTicks(scales.value.y.domain(), temperature.value))
const limits = computed(() =>
  props.story.limits.filter((limit) => limit.celsius <= scales.value.y.domain()[1]!),
)
/** Under its line where the names of the presses stand above it. */
const limitText = (celsius: number) => {
  const line = scales.value.y(celsius)
  return line - 4 < top.value + 12 ? line + 13 : line - 4
}
const faces = computed(() =>
  props.every
    ? props.story.layers.flatMap((layer) => [...layer.upper, ...layer.lower])
    : props.story.layers.filter((layer) => layer.kind === 'FRONT').flatMap((layer) => layer.upper),
)
/** Each name stands where its line begins, below the curves; the next one a line higher. */
const lines = computed(() =>
  props.others.map((other, n) => {
    const begins = other.seconds[other.curves[0]?.from ?? 0] ?? 0
    const x = Math.min(scales.value.x(begins), CHART.width - CHART.right - NAME.letter * other.name.length)
    return { ...other, x: Math.max(CHART.left, x), y: CHART.height - CHART.bottom - 4 - 13 * (n % 2) }
  }),
)
const bottom = CHART.height - CHART.bottom
</script>

<template>
  <svg
    ref="svg"
    :font-size="letter"
    :viewBox="`0 0 ${CHART.width} ${CHART.height}`"
    role="img"
    :aria-label="$t('heat.chart', { events: story.events.map((e) => e.what).join(', ') })"
  >
    <g v-for="stretch in closed" :key="stretch.from">
      <rect
        class="closed"
        :x="scales.x(stretch.from)"
        :y="top"
        :width="scales.x(stretch.to) - scales.x(stretch.from)"
        :height="bottom - top"
      />
    </g>
    <text
      v-for="(name, n) in names"
      :key="n"
      class="doing"
      :x="name.x"
      :y="CHART.top + NAME.height * name.row + 7"
    >
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
    <text
      v-for="tick in timeTicks"
      :key="tick.seconds"
      :x="tick.x"
      :y="CHART.height - CHART.bottom + 14"
      class="second"
    >
      {{ tick.seconds }} s
    </text>
    <text :x="(CHART.left + CHART.width - CHART.right) / 2" :y="CHART.height - 6" class="second">
      {{ $t('heat.clock') }}
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
    <line class="now" :x1="scales.x(time)" :x2="scales.x(time)" :y1="top" :y2="bottom" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}

text {
  fill: var(--muted);
  font-family: var(--figures);
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
