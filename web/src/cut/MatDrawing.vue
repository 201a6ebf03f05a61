<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { lengthIn } from '@/quantity/format'
import { arrowStep, pointIn } from '@/place/pointer'
import { useUnits } from '@/quantity/units'
import { useLetterSize } from '@/quantity/useLetterSize'
import { wrongAt, type DesignReading, type LaidPiece, type LayoutView, type Mat } from './designs'

/** A cutting mat with its grid, the materials on it and the pieces, each to be moved by hand or key. */
const props = defineProps<{
  mat: Mat
  layout: LayoutView
  readings: Record<string, DesignReading>
  number: number
  fixed: boolean
}>()
const emit = defineEmits<{ move: [piece: LaidPiece, x: number, y: number, turned: boolean] }>()
const { t } = useI18n()
const { length } = useUnits()
const svg = ref<SVGSVGElement>()
const held = ref<{ piece: LaidPiece; fromX: number; fromY: number; x: number; y: number } | null>(null)
const chosen = ref<string | null>(null)

const ROOM = 16
const whole = computed(() => ({
  width: props.layout.matWidth + ROOM + 8,
  height: props.layout.matLength + ROOM + 6,
}))
const box = computed(() => `${-ROOM} ${-ROOM} ${whole.value.width} ${whole.value.height}`)
const letter = useLetterSize(svg, () => whole.value)
/** Lines of the mat: a centimetre or half an inch; every fifth or second is stronger and has its number. */
const step = computed(() => (length.value === 'inch' ? 12.7 : 10))
const strong = computed(() => (length.value === 'inch' ? 2 : 5))
const lines = (size: number) => Array.from({ length: Math.floor(size / step.value) + 1 }, (_, n) => n)
const shownAt = (n: number) => (length.value === 'inch' ? n / 2 : n)

const placeOf = (piece: LaidPiece) =>
  held.value?.piece.id === piece.id ? { ...piece.at, x: held.value.x, y: held.value.y } : piece.at
const isWrong = (piece: LaidPiece) =>
  held.value?.piece.id === piece.id
    ? wrongAt({ ...piece, at: placeOf(piece) }, props.mat, props.layout.spacing, props.layout.margin)
    : piece.wrong !== null

function take(event: PointerEvent, piece: LaidPiece) {
  chosen.value = piece.id
  if (event.button !== 0 || props.fixed) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  const from = pointIn(svg.value!, event)
  held.value = { piece, fromX: from.x, fromY: from.y, x: piece.at.x, y: piece.at.y }
}

function follow(event: PointerEvent) {
  if (!held.value) return
  const to = pointIn(svg.value!, event)
  held.value.x = Math.round((held.value.piece.at.x + to.x - held.value.fromX) * 2) / 2
  held.value.y = Math.round((held.value.piece.at.y + to.y - held.value.fromY) * 2) / 2
}

function letGo() {
  const was = held.value
  held.value = null
  if (was && (was.x !== was.piece.at.x || was.y !== was.piece.at.y)) {
    emit('move', was.piece, was.x, was.y, was.piece.turned)
  }
}

/** A millimetre at a time, ten with Shift; R turns it. */
function key(event: KeyboardEvent, piece: LaidPiece) {
  if (props.fixed) return
  const step = arrowStep(event)
  if (step) emit('move', piece, piece.at.x + step[0], piece.at.y + step[1], piece.turned)
  else if (event.key.toLowerCase() === 'r') emit('move', piece, piece.at.x, piece.at.y, !piece.turned)
  else return
  event.preventDefault()
}

/** What is cut of the piece, as it lies there: turned, and mirrored where it is cut from behind. */
function shape(piece: LaidPiece) {
  const reading = props.readings[piece.decoration]
  const layer = reading?.layers.find(({ colour }) => colour === piece.colour)
  if (!reading || !layer) return null
  const { x, y, width, height } = layer.bounds
  return { path: layer.path, mirrored: reading.mirrored, middle: { x: x + width / 2, y: y + height / 2 } }
}

function transform(piece: LaidPiece) {
  const at = placeOf(piece)
  const { middle, mirrored } = shape(piece) ?? { middle: { x: 0, y: 0 }, mirrored: false }
  const turn = piece.turned ? ' rotate(90)' : ''
  const over = mirrored ? ' scale(-1 1)' : ''
  return `translate(${at.x + at.width / 2} ${at.y + at.height / 2})${turn}${over} translate(${-middle.x} ${-middle.y})`
}

const unit = computed(() => (length.value === 'inch' ? 'in' : 'mm'))
const size = (millimetres: number) => lengthIn(Math.round(millimetres * 10) / 10, length.value)
const describe = (piece: LaidPiece) =>
  t('cut.pieceLies', {
    colour: piece.colour,
    copy: piece.copy,
    across: size(piece.at.x),
    down: size(piece.at.y),
    unit: unit.value,
  })
/** Where each material is tried first. */
const squares = computed(() =>
  props.mat.acts.flatMap(({ kind, at }) => (kind === 'TEST_CUT' && at ? [at] : [])),
)
const wrongs = computed(() => props.mat.pieces.filter(({ wrong }) => wrong !== null))
const shown = computed(() => props.mat.pieces.find(({ id }) => id === chosen.value) ?? null)
</script>

<template>
  <figure>
    <figcaption>
      <b>{{ $t('cut.mat', { n: number }) }}</b>
      <span v-if="shown" class="muted">{{ describe(shown) }}</span>
    </figcaption>
    <svg
      ref="svg"
      class="mat"
      :viewBox="box"
      role="group"
      :aria-label="$t('cut.mat', { n: number })"
      @pointermove="follow"
      @pointerup="letGo"
      @pointercancel="held = null"
    >
      <rect :width="layout.matWidth" :height="layout.matLength" class="ground" />
      <g class="lines" :font-size="letter">
        <g v-for="n in lines(layout.matWidth)" :key="`x${n}`">
          <line :x1="n * step" :x2="n * step" :y2="layout.matLength" :class="{ strong: n % strong === 0 }" />
          <text v-if="n % strong === 0" :x="n * step" :y="-3">{{ shownAt(n) }}</text>
        </g>
        <g v-for="n in lines(layout.matLength)" :key="`y${n}`">
          <line :y1="n * step" :y2="n * step" :x2="layout.matWidth" :class="{ strong: n % strong === 0 }" />
          <text v-if="n % strong === 0" :x="-3" :y="n * step + 3" class="row">{{ shownAt(n) }}</text>
        </g>
      </g>
      <g v-for="stock in mat.stocks" :key="stock.id">
        <rect v-bind="stock.at" class="stock" :fill="stock.colour" />
        <rect v-bind="stock.at" class="stock-edge" />
      </g>
      <rect v-for="(at, n) in squares" :key="`test${n}`" v-bind="at" class="test" />
      <g
        v-for="piece in mat.pieces"
        :key="piece.id"
        class="piece"
        :class="{ wrong: isWrong(piece), fixed, chosen: chosen === piece.id }"
        :tabindex="fixed ? undefined : 0"
        :role="fixed ? 'img' : 'button'"
        :aria-label="describe(piece)"
        :data-piece="piece.id"
        @pointerdown="take($event, piece)"
        @focus="chosen = piece.id"
        @keydown="key($event, piece)"
      >
        <rect v-bind="placeOf(piece)" class="carrier" />
        <path
          v-if="shape(piece)"
          :d="shape(piece)!.path"
          :transform="transform(piece)"
          :fill="piece.colour"
          fill-rule="evenodd"
          class="film"
        />
      </g>
    </svg>
    <p v-for="piece in wrongs" :key="piece.id" role="alert" class="why">
      {{ describe(piece) }}: {{ piece.wrong }}
    </p>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

figcaption {
  display: flex;
  gap: 12px;
  padding: 4px 0;
  font-size: var(--type-note);
}

.mat {
  display: block;
  width: 100%;
  max-height: 460px;
  touch-action: none;
}

.ground {
  fill: var(--mat);
  stroke: var(--mat-edge);
  stroke-width: 1;
}

.lines line {
  stroke: var(--mat-line);
  stroke-width: 0.3;
}

.lines .strong {
  stroke: var(--mat-ruler);
  stroke-width: 0.6;
}

.lines text {
  fill: var(--muted);
  font-family: var(--figures);
  text-anchor: middle;
}

.lines .row {
  text-anchor: end;
}

.stock {
  opacity: 0.35;
}

.stock-edge {
  fill: none;
  stroke: var(--piece-edge);
  stroke-width: 0.8;
}

.carrier {
  fill: var(--paper-veil);
  stroke: var(--piece-edge);
  stroke-dasharray: 2 1.5;
  stroke-width: 0.5;
}

.film {
  stroke: var(--piece-edge);
  stroke-width: 0.25;
}

.test {
  fill: none;
  stroke: var(--paper-chosen);
  stroke-dasharray: 1.5 1;
  stroke-width: 0.8;
}

.piece {
  cursor: grab;
}

.piece.fixed {
  cursor: default;
}

.piece:focus-visible {
  outline: none;
}

.chosen .carrier,
.piece:focus-visible .carrier {
  stroke: var(--paper-chosen);
  stroke-dasharray: none;
  stroke-width: 1.2;
}

.wrong .carrier {
  fill: var(--paper-no-wash);
  stroke: var(--paper-no);
  stroke-width: 1.4;
}

.why {
  color: var(--no);
  font-size: var(--type-note);
}
</style>
