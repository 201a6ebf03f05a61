<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { temperatureTicks } from '@/heat/curves'
import { arrowStep, pointIn } from '@/place/pointer'
import { degrees } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { edgePath, MAP, outsidePath, roomFor, scalesOf } from './shapes'
import { edgeAt, edgeOf, QUESTIONS, settable, verdictAt, type Point, type PressWindow } from './pressWindow'

/** All settings of one pressing: where it holds without a mark, and the point that is set. */
const props = defineProps<{ window: PressWindow }>()
const point = defineModel<Point>({ required: true })
const emit = defineEmits<{ settled: [] }>()
const { t } = useI18n()
const { temperature } = useUnits()
const svg = ref<SVGSVGElement>()
const held = ref(false)

const scales = computed(() => scalesOf(props.window))
const edge = (question: 'HOLD' | 'MARK' | 'BLEED', safe: boolean) => edgeOf(props.window.map!, question, safe)

/** From the palest to the strongest: what is only just, then what fails. */
const areas = computed(() =>
  [true, false].flatMap((safe) =>
    QUESTIONS.map((question) => ({
      key: `${question}${safe}`,
      kind: question.toLowerCase(),
      fails: !safe,
      d: outsidePath(props.window, question, safe, scales.value),
    })).filter(({ d }) => d),
  ),
)
const lines = computed(() =>
  QUESTIONS.flatMap((question) =>
    [true, false].map((safe) => ({
      key: `${question}${safe}`,
      kind: question.toLowerCase(),
      fails: !safe,
      d: edgePath(props.window, question, safe, scales.value),
    })),
  ).filter(({ d }) => d),
)

const words = computed(() => {
  const at = scales.value
  const found = [
    { kind: 'hold', said: 'letsGo', room: roomFor(props.window, [null, edge('HOLD', false)], at, 70) },
    { kind: 'mark', said: 'marks', room: roomFor(props.window, [edge('MARK', false), null], at, 60) },
    { kind: 'safe', said: 'safe', room: roomFor(props.window, [edge('HOLD', true), safeEnd.value], at, 120) },
  ]
  const just = roomFor(props.window, [edge('HOLD', false), edge('HOLD', true)], at, 80)
  if (just) found.push({ kind: 'hold', said: 'just', room: just })
  const bleeds = roomFor(props.window, [edge('BLEED', false), edge('MARK', false)], at, 60)
  return [...found, { kind: 'bleed', said: 'bleeds', room: bleeds }].flatMap(({ room, ...word }) =>
    room ? [{ ...word, ...room }] : [],
  )
})
/** Of what ends the safe part on the hot side, the one that comes first at half the height. */
const safeEnd = computed(() => {
  const middle = scales.value.y.domain()[1]! / 2
  const map = props.window.map!
  const [mark, bleed] = [edge('MARK', true), edge('BLEED', true)]
  return edgeAt(map, mark, middle) < edgeAt(map, bleed, middle) ? mark : bleed
})

const allowed = computed(() => {
  const { temperatures, times, readsHigh } = props.window
  const at = scales.value
  const x = at.x(temperatures.low + readsHigh)
  const y = at.y(times.high)
  return {
    x,
    y,
    width: at.x(temperatures.high + readsHigh) - x,
    height: at.y(times.low) - y,
    said: t(props.window.bySheet ? 'window.sheet' : 'window.trade'),
  }
})
const here = computed(() => ({ x: scales.value.x(point.value.dial), y: scales.value.y(point.value.time) }))
const oval = computed(() => ({
  rx: scales.value.x(props.window.strays) - scales.value.x(0),
  ry: scales.value.y(0) - scales.value.y(1),
}))
const best = computed(() => ({
  x: scales.value.x(props.window.best.dial),
  y: scales.value.y(props.window.best.time),
}))
const elsewhere = computed(
  () => props.window.best.dial !== point.value.dial || props.window.best.time !== point.value.time,
)
const degreeTicks = computed(() => temperatureTicks(scales.value.x.domain(), temperature.value))
const secondTicks = computed(() => scales.value.y.ticks(6))
const setting = computed(
  () => `${degrees(point.value.dial, temperature.value)} ${temperature.value}, ${point.value.time} s`,
)
const said = computed(() =>
  [
    setting.value,
    ...QUESTIONS.map(
      (question) =>
        `${t(`question.${question}`)} ${verdictAt(props.window, question, point.value).toLowerCase()}`,
    ),
  ].join(', '),
)

function follow(event: PointerEvent) {
  const at = pointIn(svg.value!, event)
  const next = settable(props.window, {
    dial: scales.value.x.invert(at.x),
    time: scales.value.y.invert(at.y),
  })
  if (next.dial !== point.value.dial || next.time !== point.value.time) point.value = next
}

function take(event: PointerEvent) {
  if (event.button !== 0) return
  svg.value!.setPointerCapture(event.pointerId)
  held.value = true
  follow(event)
}

function letGo() {
  if (!held.value) return
  held.value = false
  emit('settled')
}

function keys(event: KeyboardEvent) {
  const step = arrowStep(event)
  if (!step) return
  event.preventDefault()
  const [right, down] = step
  const to = { dial: point.value.dial + right, time: point.value.time - down }
  point.value = settable(props.window, to, point.value)
  emit('settled')
}
</script>

<template>
  <svg
    ref="svg"
    class="window"
    :class="{ held }"
    :viewBox="`0 0 ${MAP.width} ${MAP.height}`"
    @pointerdown="take"
    @pointermove="held && follow($event)"
    @pointerup="letGo"
    @pointercancel="letGo"
  >
    <defs>
      <pattern
        id="only-just"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1="0" y1="0" x2="0" y2="7" />
      </pattern>
    </defs>
    <rect
      class="ground"
      :x="MAP.left"
      :y="MAP.top"
      :width="MAP.width - MAP.left - MAP.right"
      :height="MAP.height - MAP.top - MAP.bottom"
    />
    <path
      v-for="area in areas"
      :key="area.key"
      :d="area.d"
      class="area"
      :class="[area.kind, { fails: area.fails }]"
    />
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
      <text :x="(MAP.left + MAP.width - MAP.right) / 2" :y="MAP.height - 6" class="degree">
        {{ $t('window.along', { unit: temperature }) }}
      </text>
    </g>
    <g class="words">
      <g v-for="word in words" :key="word.said" :class="word.kind">
        <text :x="word.x" :y="word.y" class="word">{{ $t(`window.${word.said}`) }}</text>
        <text v-if="word.width > 130 && word.said !== 'just'" :x="word.x" :y="word.y + 19" class="because">
          {{ $t(`window.${word.said}Why`) }}
        </text>
      </g>
    </g>
    <g class="allowed">
      <rect
        :x="allowed.x"
        :y="allowed.y"
        :width="Math.max(2, allowed.width)"
        :height="Math.max(2, allowed.height)"
      />
      <text :x="allowed.x + 2" :y="allowed.y + allowed.height + 16">{{ allowed.said }}</text>
    </g>
    <ellipse class="strays" :cx="here.x" :cy="here.y" v-bind="oval" />
    <path v-if="elsewhere" class="best" :transform="`translate(${best.x} ${best.y})`" d="M0 -9L9 0L0 9L-9 0Z">
      <title>{{ $t('window.best') }}</title>
    </path>
    <g
      class="point"
      role="slider"
      tabindex="0"
      :aria-label="$t('window.point')"
      :aria-valuenow="point.dial"
      :aria-valuetext="said"
      @keydown="keys"
    >
      <circle :cx="here.x" :cy="here.y" r="11" />
      <text
        :x="here.x > MAP.width - 150 ? here.x - 18 : here.x + 18"
        :y="here.y - 14"
        :text-anchor="here.x > MAP.width - 150 ? 'end' : 'start'"
      >
        {{ setting }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.window {
  display: block;
  width: 100%;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
  cursor: crosshair;
  touch-action: none;
  user-select: none;
}

.ground {
  fill: var(--safe-band);
  opacity: 0.45;
}

.area {
  fill: url('#only-just');
}

#only-just line {
  stroke: var(--tight);
  stroke-width: 1.6;
  opacity: 0.5;
}

.area.fails.hold {
  fill: var(--map-cool);
}

.area.fails.mark {
  fill: var(--no-band);
}

.area.fails.bleed {
  fill: var(--tight-band);
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
  font: 14px var(--text);
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
}

.words .because {
  font-size: 13px;
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

.allowed text {
  font-size: 13px;
}

.strays {
  fill: var(--copper);
  opacity: 0.22;
}

.best {
  fill: var(--sheet);
  stroke: var(--copper);
  stroke-width: 2.5;
}

.point {
  cursor: grab;
}

.held .point {
  cursor: grabbing;
}

.point circle {
  fill: var(--copper);
  stroke: var(--sheet);
  stroke-width: 3;
}

.point text {
  fill: var(--copper);
  font: 600 20px var(--figures);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4;
}

.point:focus-visible {
  outline: none;
}

.point:focus-visible circle {
  stroke: var(--ink);
}
</style>
