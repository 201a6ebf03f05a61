<script setup lang="ts">
import { computed } from 'vue'
import { temperatureTicks } from '@/heat/curves'
import { useUnits } from '@/quantity/units'
import { risksOf } from './patterns'
import { edgeAt, edgeOf, QUESTIONS, type PressWindow } from './pressWindow'
import RiskPatterns from './RiskPatterns.vue'
import { edgePath, MAP, roomFor, type scalesOf } from './shapes'

/** The map without its point: where it holds, marks and bleeds, in words, and what sheet or trade allows. */
const props = defineProps<{ window: PressWindow; scales: ReturnType<typeof scalesOf> }>()
const { temperature } = useUnits()

const edge = (question: 'HOLD' | 'MARK' | 'BLEED', safe: boolean) => edgeOf(props.window.map!, question, safe)

const risks = computed(() => risksOf(props.window, props.scales))
const lines = computed(() =>
  QUESTIONS.flatMap((question) =>
    [true, false].map((safe) => ({
      key: `${question}${safe}`,
      kind: question.toLowerCase(),
      fails: !safe,
      d: edgePath(props.window, question, safe, props.scales),
    })),
  ).filter(({ d }) => d),
)

const words = computed(() => {
  const at = props.scales
  const found = [
    { kind: 'hold', said: 'letsGo', room: roomFor(props.window, [null, edge('HOLD', false)], at, 70) },
    { kind: 'mark', said: 'marks', room: roomFor(props.window, [edge('MARK', false), null], at, 60) },
    { kind: 'safe', said: 'safe', room: roomFor(props.window, [edge('HOLD', true), safeEnd.value], at, 120) },
  ]
  const bleeds = roomFor(props.window, [edge('BLEED', false), edge('MARK', false)], at, 60)
  return [...found, { kind: 'bleed', said: 'bleeds', room: bleeds }].flatMap(({ room, ...word }) =>
    room ? [{ ...word, ...room }] : [],
  )
})
/** Of what ends the safe part on the hot side, the one that comes first at half the height. */
const safeEnd = computed(() => {
  const middle = props.scales.y.domain()[1]! / 2
  const map = props.window.map!
  const [mark, bleed] = [edge('MARK', true), edge('BLEED', true)]
  return edgeAt(map, mark, middle) < edgeAt(map, bleed, middle) ? mark : bleed
})

const allowed = computed(() => {
  const { temperatures, times, readsHigh } = props.window
  const at = props.scales
  const x = at.x(temperatures.low + readsHigh)
  const y = at.y(times.high)
  return {
    x,
    y,
    width: at.x(temperatures.high + readsHigh) - x,
    height: at.y(times.low) - y,
  }
})
const degreeTicks = computed(() => temperatureTicks(props.scales.x.domain(), temperature.value))
const secondTicks = computed(() => props.scales.y.ticks(6))
</script>

<template>
  <g>
    <RiskPatterns prefix="map-" />
    <rect
      class="ground"
      :x="MAP.left"
      :y="MAP.top"
      :width="MAP.width - MAP.left - MAP.right"
      :height="MAP.height - MAP.top - MAP.bottom"
    />
    <!-- A risk never looks like shaded safety: its ground is the sheet's. -->
    <path v-for="risk in risks" :key="`under-${risk.key}`" :d="risk.d" class="under" />
    <path v-for="risk in risks" :key="risk.key" :d="risk.d" :fill="`url(#map-${risk.key})`" />
    <path
      v-for="line in lines"
      :key="line.key"
      :d="line.d"
      class="edge"
      :class="[line.kind, { fails: line.fails }]"
    />
    <g class="axis">
      <g v-for="tick in degreeTicks" :key="tick.label">
        <text :x="scales.x(tick.celsius)" :y="MAP.height - MAP.bottom + 18" class="degree">
          {{ tick.label }}°
        </text>
      </g>
      <text
        v-for="second in secondTicks"
        :key="second"
        :x="MAP.left - 8"
        :y="scales.y(second)"
        class="second"
      >
        {{ second }} s
      </text>
      <text :x="(MAP.left + MAP.width - MAP.right) / 2" :y="MAP.height - 8" class="degree">
        {{ $t('window.along', { unit: temperature }) }}
      </text>
      <text
        class="degree"
        :transform="`translate(18 ${(MAP.top + MAP.height - MAP.bottom) / 2}) rotate(-90)`"
      >
        {{ $t('window.up') }}
      </text>
    </g>
    <g class="words">
      <g v-for="word in words" :key="word.said" :class="word.kind">
        <text :x="word.x" :y="word.y" class="word">{{ $t(`window.${word.said}`) }}</text>
      </g>
    </g>
    <g class="allowed">
      <rect
        :x="allowed.x"
        :y="allowed.y"
        :width="Math.max(2, allowed.width)"
        :height="Math.max(2, allowed.height)"
      />
    </g>
  </g>
</template>

<style scoped>
.ground {
  fill: var(--safe-band);
  opacity: 0.6;
}

.under {
  fill: var(--sheet);
}

.edge {
  fill: none;
  stroke-width: 1.4;
}

.edge.fails {
  stroke-width: 3;
}

.edge.hold {
  stroke: var(--slate);
}

.edge.mark {
  stroke: var(--no);
}

.edge.bleed {
  stroke: var(--tight);
  stroke-dasharray: 8 5;
}

text {
  fill: var(--ink);
  font: var(--type-note) var(--text);
}

.axis text {
  fill: var(--muted);
  font-family: var(--figures);
}

.degree,
.words text {
  text-anchor: middle;
}

.second {
  text-anchor: end;
  dominant-baseline: central;
}

.word {
  font-weight: 700;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 5;
}

.words .safe text {
  fill: var(--safe);
}

.words .mark text {
  fill: var(--no);
}

.words .bleed text {
  fill: var(--tight);
}

.words .hold text {
  fill: var(--slate);
}

.allowed rect {
  fill: none;
  stroke: var(--ink);
  stroke-dasharray: 3 4;
  stroke-width: 1.8;
}
</style>
