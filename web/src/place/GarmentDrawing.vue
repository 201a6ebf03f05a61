<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { clothColour, inkOn } from '@/cloth/colour'
import { lengthIn } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { useLetterSize } from '@/quantity/useLetterSize'
import { middle, moved, type Area, type Thing } from './area'
import { arrowStep, pointIn } from './pointer'
import { useDrag } from './useDrag'

/** One face of a garment as it lies flat, true to scale: what lies on it, and the platen's positions. */
const props = defineProps<{
  outline: Schemas['Outline']
  depth: string
  hue: string
  things: Thing[]
  chosen: string | null
  platens: Area[]
  insert: Area | null
  /** The position that is due, from 0: those before it are done. All are alike where none is. */
  now?: number
  title: string
  fixed?: boolean
}>()
const emit = defineEmits<{ choose: [key: string]; move: [thing: Thing, area: Area] }>()

/** Round the cloth, for platens that hang over, mm. */
const ROOM = 40
const { t } = useI18n()
const { length } = useUnits()
const svg = ref<SVGSVGElement>()

const box = computed(() => {
  const xs = props.outline.points.map(({ x }) => x)
  const ys = props.outline.points.map(({ y }) => y)
  const x = Math.min(...xs) - ROOM
  const y = Math.min(...ys) - ROOM
  return { x, y, width: Math.max(...xs) - x + ROOM, height: Math.max(...ys) - y + ROOM }
})
const cloth = computed(() => props.outline.points.map(({ x, y }) => `${x},${y}`).join(' '))
const letter = useLetterSize(svg, () => box.value)
/** The finer lines of the grid: 10 mm or half an inch; every fifth or second is stronger. */
const grid = computed(() =>
  length.value === 'inch' ? { fine: 12.7, strong: 25.4 } : { fine: 10, strong: 50 },
)

const at = (event: PointerEvent) => pointIn(svg.value!, event)

const { take, move, letGo, cancel, held, areaOf, offset } = useDrag(
  at,
  (thing) => props.things.filter((other) => other !== thing && other.kind === 'art').map(({ area }) => area),
  () => length.value,
  (thing, area) => emit('move', thing, area),
)

function hold(event: PointerEvent, thing: Thing) {
  emit('choose', thing.key)
  if (!props.fixed) take(event, thing)
}

/** A millimetre at a time, ten with Shift. */
function nudge(event: KeyboardEvent, thing: Thing) {
  const step = arrowStep(event, length.value === 'inch' ? [25.4 / 16, 12.7] : [1, 10])
  if (event.key === 'Escape') cancel()
  if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    emit('choose', thing.key)
  }
  if (!step || props.fixed) return
  event.preventDefault()
  emit('choose', thing.key)
  emit('move', thing, moved(thing.area, ...step))
}

/** Things that the hand holds lie on top. */
const drawn = computed(() =>
  [...props.things].sort((a, b) => Number(a.kind === 'art') - Number(b.kind === 'art')),
)
const follows = computed(() => held.value !== null && held.value === props.chosen)
const platensNow = computed(() =>
  props.platens.map((area) => (follows.value ? moved(area, offset.value.x, offset.value.y) : area)),
)
const size = (mm: number) => `${lengthIn(Math.round(mm * 10) / 10, length.value)}`
const unit = computed(() => (length.value === 'inch' ? 'in' : 'mm'))
const chosenThing = computed(() => props.things.find(({ key }) => key === props.chosen) ?? null)
const chosenArea = computed(() => (chosenThing.value ? areaOf(chosenThing.value) : null))

/** As much of a name as there is room for. */
function fitting(name: string, width: number) {
  const room = Math.floor(width / letter.value / 0.55)
  return name.length <= room ? name : `${name.slice(0, room - 1)}…`
}

function describe(thing: Thing) {
  const area = areaOf(thing)
  const across = middle(area)
  return t(across >= 0 ? 'place.liesRight' : 'place.liesLeft', {
    what: thing.name,
    width: size(area.width),
    height: size(area.height),
    across: size(Math.abs(across)),
    below: size(area.y),
    unit: unit.value,
  })
}
</script>

<template>
  <svg
    ref="svg"
    class="garment-drawing"
    :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
    role="group"
    :aria-label="title"
    @pointermove="move"
    @pointerup="letGo"
    @pointercancel="cancel"
  >
    <defs>
      <pattern id="fine" :width="grid.fine" :height="grid.fine" patternUnits="userSpaceOnUse">
        <path :d="`M ${grid.fine} 0 H 0 V ${grid.fine}`" class="line" stroke-width="0.4" />
      </pattern>
      <pattern id="strong" :width="grid.strong" :height="grid.strong" patternUnits="userSpaceOnUse">
        <path :d="`M ${grid.strong} 0 H 0 V ${grid.strong}`" class="line" stroke-width="1.2" />
      </pattern>
      <clipPath id="cloth"><polygon :points="cloth" /></clipPath>
    </defs>
    <polygon :points="cloth" :fill="clothColour(depth, hue)" class="cloth" />
    <g clip-path="url(#cloth)" class="grid" :style="{ color: inkOn(depth) }">
      <rect v-bind="box" fill="url(#fine)" />
      <rect v-bind="box" fill="url(#strong)" />
      <line x1="0" x2="0" :y1="box.y" :y2="box.y + box.height" class="centre" />
      <line :x1="box.x" :x2="box.x + box.width" y1="0" y2="0" class="centre" />
    </g>
    <g
      v-for="thing in drawn"
      :key="thing.key"
      class="thing"
      :class="[thing.kind, { chosen: thing.key === chosen, hard: thing.hard, fixed }]"
      :tabindex="fixed ? undefined : 0"
      :role="fixed ? 'img' : 'button'"
      :aria-pressed="fixed ? undefined : thing.key === chosen"
      :aria-label="describe(thing)"
      :data-thing="thing.key"
      @pointerdown="hold($event, thing)"
      @keydown="nudge($event, thing)"
    >
      <rect
        :x="areaOf(thing).x"
        :y="areaOf(thing).y"
        :width="areaOf(thing).width"
        :height="areaOf(thing).height"
        :fill="thing.fill"
        :rx="Math.min(4, thing.area.width / 6)"
        vector-effect="non-scaling-stroke"
      />
      <text
        v-if="areaOf(thing).width > letter * 4 && areaOf(thing).height > letter"
        :x="middle(areaOf(thing))"
        :y="areaOf(thing).y + areaOf(thing).height / 2"
        :fill="thing.ink"
        :font-size="letter"
      >
        {{ fitting(thing.name, areaOf(thing).width) }}
      </text>
    </g>
    <rect
      v-if="insert && !held"
      :x="insert.x"
      :y="insert.y"
      :width="insert.width"
      :height="insert.height"
      class="insert"
      vector-effect="non-scaling-stroke"
    />
    <g
      v-for="(platen, n) in platensNow"
      :key="n"
      class="platen"
      :class="{ done: now !== undefined && n < now, waiting: now !== undefined && n > now }"
    >
      <rect
        v-for="line in ['halo', 'edge']"
        :key="line"
        :class="line"
        :x="platen.x"
        :y="platen.y"
        :width="platen.width"
        :height="platen.height"
        vector-effect="non-scaling-stroke"
        rx="6"
      />
      <g v-if="platensNow.length > 1" :transform="`translate(${platen.x} ${platen.y})`">
        <circle :cx="letter * 1.4" :cy="letter * 1.4" :r="letter" />
        <text :x="letter * 1.4" :y="letter * 1.4" :font-size="letter * 1.2">
          {{ now !== undefined && n < now ? '✓' : n + 1 }}
        </text>
      </g>
    </g>
    <g v-if="chosenArea" class="measure" :stroke="inkOn(depth)">
      <line
        x1="0"
        :x2="middle(chosenArea)"
        :y1="chosenArea.y"
        :y2="chosenArea.y"
        vector-effect="non-scaling-stroke"
      />
      <line
        :x1="middle(chosenArea)"
        :x2="middle(chosenArea)"
        y1="0"
        :y2="chosenArea.y"
        vector-effect="non-scaling-stroke"
      />
    </g>
  </svg>
</template>

<style scoped>
.garment-drawing {
  display: block;
  width: 100%;
  max-height: 560px;
  overflow: hidden;
  touch-action: none;
}

.cloth {
  stroke: var(--muted);
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}

.line {
  fill: none;
  stroke: currentcolor;
}

.grid {
  opacity: 0.2;
  pointer-events: none;
}

.centre {
  stroke: currentcolor;
  stroke-dasharray: 6 4;
  stroke-width: 2;
}

.thing {
  cursor: grab;
  outline: none;
}

.thing.fixed {
  cursor: pointer;
}

.thing rect {
  stroke: var(--outline);
  stroke-width: 1;
}

.obstacle rect {
  stroke-dasharray: 3 2;
}

.obstacle.hard rect {
  stroke: var(--paper-no);
  stroke-dasharray: none;
}

.thing.chosen rect {
  stroke: var(--paper-held);
  stroke-width: 3;
}

.thing:focus-visible rect {
  stroke: var(--paper-slate);
  stroke-width: 4;
}

text {
  dominant-baseline: central;
  font-family: var(--text);
  pointer-events: none;
  text-anchor: middle;
}

.platen {
  pointer-events: none;
}

.platen .halo {
  fill: none;
  stroke: var(--paper-halo);
  stroke-dasharray: none;
  stroke-width: 4;
}

.platen .edge {
  fill: var(--paper-copper-wash);
  stroke: var(--paper-copper);
  stroke-dasharray: 8 5;
  stroke-width: 2;
}

.platen circle {
  fill: var(--paper-copper);
}

.platen.waiting {
  opacity: 0.45;
}

.platen.done .edge {
  fill: none;
  stroke: var(--paper-safe);
}

.platen.done circle {
  fill: var(--paper-safe);
}

.platen text {
  fill: var(--paper);
  font-weight: 600;
}

.insert {
  fill: none;
  pointer-events: none;
  stroke: var(--paper-safe);
  stroke-dasharray: 2 3;
  stroke-width: 2;
}

.measure {
  pointer-events: none;
}

.measure line {
  stroke-dasharray: 2 2;
  stroke-width: 1.5;
}
</style>
