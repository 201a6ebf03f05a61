<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { arrowStep, pointIn } from '@/place/pointer'
import { degrees } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { labelAt, MAP, scalesOf } from './shapes'
import { QUESTIONS, settable, verdictAt, type Point, type PressWindow } from './pressWindow'
import WindowGround from './WindowGround.vue'

/** All settings of one pressing: where it holds without a mark, and the point that is set. */
const props = defineProps<{ window: PressWindow }>()
const point = defineModel<Point>({ required: true })
const emit = defineEmits<{ settled: [] }>()
const { t } = useI18n()
const { temperature } = useUnits()
const svg = ref<SVGSVGElement>()
const held = ref(false)

const scales = computed(() => scalesOf(props.window))
const here = computed(() => ({ x: scales.value.x(point.value.dial), y: scales.value.y(point.value.time) }))
const label = computed(() => labelAt(props.window, here.value, scales.value))
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
    <WindowGround :window="window" :scales="scales" />
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
      <line class="leader" :x1="here.x" :y1="here.y" :x2="label.x" :y2="label.y" />
      <circle :cx="here.x" :cy="here.y" r="10" />
      <text :x="label.x" :y="label.y">{{ setting }}</text>
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
  font: 600 var(--type-section) var(--figures);
  dominant-baseline: central;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 6;
  text-anchor: middle;
}

.leader {
  stroke: var(--copper);
  stroke-width: 1.2;
}

.point:focus-visible {
  outline: none;
}

.point:focus-visible circle {
  stroke: var(--ink);
}
</style>
