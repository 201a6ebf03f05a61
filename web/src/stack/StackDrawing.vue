<script setup lang="ts">
import { computed } from 'vue'
import type { StackData } from '@/api/client'
import { clothColour, inkOn } from '@/cloth/colour'
import { degrees } from '@/quantity/format'
import TemperatureDifference from '@/quantity/TemperatureDifference.vue'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import { useUnits } from '@/quantity/units'
import { heatColour, type StackNow, temperaturesOf } from './stackNow'
import { type Band, bandsOf, STACK_WIDTH } from './bands'

/** The cross-section between the platens, top to bottom, to a readable scale; the glue line is marked. */
const props = defineProps<{
  stack: StackData
  depth: string
  hue: string
  height: number
  dark?: boolean
  /** The moment that is looked at; peaks where there is none. */
  now?: StackNow | null
}>()
const { length, temperature } = useUnits()

const bands = computed(() => bandsOf(props.stack, props.height))
const warm = computed(() => (props.now ? temperaturesOf(props.stack, props.now) : null))
const shown = (band: Band) => (warm.value ? warm.value[band.index] : band.peak) ?? null
const HEAT = 12
const glueLine = computed(() => bands.value.find((band) => band.glueLineBelow))

const FILLS: Record<string, [fill: string, ink: string]> = {
  HEATED_PLATEN: ['var(--layer-heated)', 'var(--on-dark)'],
  COVER: ['var(--layer-cover)', 'var(--paper-ink)'],
  CARRIER: ['var(--layer-carrier)', 'var(--paper-ink)'],
  PAPER: ['var(--layer-paper)', 'var(--paper-ink)'],
  FILM: ['var(--layer-film)', 'var(--paper-ink)'],
  BLOCKER: ['var(--layer-blocker)', 'var(--on-dark)'],
  INK: ['var(--layer-ink)', 'var(--paper-ink)'],
  GLUE: ['var(--layer-glue)', 'var(--paper-ink)'],
  PATCH: ['var(--layer-patch)', 'var(--paper-ink)'],
  SEPARATOR: ['var(--layer-separator)', 'var(--paper-ink)'],
  PAD: ['var(--layer-pad)', 'var(--paper-ink)'],
  LOWER_PLATEN: ['var(--layer-lower)', 'var(--on-dark)'],
}

function fill(band: Band): [string, string] {
  const cloth = band.kind === 'FRONT' || band.kind === 'BACK'
  return cloth
    ? [clothColour(props.depth, props.hue), inkOn(props.depth)]
    : (FILLS[band.kind] ?? ['var(--layer-other)', 'var(--paper-ink)'])
}

function thickness(band: Band): string {
  if (band.thickness === null) return ''
  const size = length.value === 'inch' ? band.thickness / 25.4 : band.thickness
  return `${Number(size.toFixed(3))} ${length.value === 'inch' ? 'in' : 'mm'}`
}
</script>

<template>
  <figure class="stack" :class="{ dark }">
    <svg
      :viewBox="`0 0 ${STACK_WIDTH} ${height}`"
      role="img"
      :aria-label="bands.map((b) => b.name).join(', ')"
    >
      <g v-for="band in bands" :key="band.index">
        <rect
          :x="0"
          :y="band.y"
          :width="STACK_WIDTH - 92"
          :height="band.height"
          :rx="band.kind === 'HEATED_PLATEN' || band.kind === 'LOWER_PLATEN' ? 6 : 1.5"
          :fill="fill(band)[0]"
          stroke="var(--outline)"
          stroke-width="0.6"
        />
        <rect
          v-if="warm && typeof warm[band.index] === 'number'"
          class="heat"
          :x="0"
          :y="band.y"
          :width="HEAT"
          :height="band.height"
          :fill="heatColour(warm[band.index]!)"
        />
        <text
          :x="warm ? 10 + HEAT : 14"
          :y="band.y + band.height / 2"
          :fill="fill(band)[1]"
          class="name"
          :class="{ strong: band.kind === 'FRONT' || band.kind === 'HEATED_PLATEN' }"
        >
          {{ band.name }}
        </text>
        <text
          v-if="shown(band) !== null"
          :x="STACK_WIDTH - 104"
          :y="band.y + band.height / 2"
          :fill="fill(band)[1]"
          class="peak"
        >
          {{ degrees(shown(band)!, temperature) }} {{ temperature }}
        </text>
        <text :x="STACK_WIDTH - 82" :y="band.y + band.height / 2" class="size">{{ thickness(band) }}</text>
      </g>
      <g v-if="glueLine" class="glue-line">
        <line
          x1="0"
          :x2="STACK_WIDTH - 92"
          :y1="glueLine.y + glueLine.height + 1.5"
          :y2="glueLine.y + glueLine.height + 1.5"
        />
        <circle :cx="STACK_WIDTH - 92" :cy="glueLine.y + glueLine.height + 1.5" r="6" />
      </g>
    </svg>
    <figcaption v-if="glueLine" class="caption">
      <span class="dot" aria-hidden="true" />
      {{ $t(glueLine.kind === 'INK' ? 'stack.inkLine' : 'stack.glueLine') }}
      <span v-if="stack.glueLinePeak !== null" class="reaches">
        {{ $t('stack.reaches') }} <TemperatureValue :celsius="stack.glueLinePeak" />{{
          stack.giveOrTake === null ? '' : ' '
        }}
        <span v-if="stack.giveOrTake !== null">
          {{ $t('heat.giveOrTake') }} <TemperatureDifference :kelvin="stack.giveOrTake" />
        </span>
      </span>
    </figcaption>
  </figure>
</template>

<style scoped>
.stack {
  margin: 0;
}

svg {
  display: block;
  width: 100%;
}

text {
  dominant-baseline: central;
}

.name {
  font: var(--type-body) var(--text);
}

.peak {
  font: 500 var(--type-lead) var(--figures);
  font-variant-numeric: tabular-nums;
  text-anchor: end;
}

.strong {
  font-weight: 600;
}

.size {
  fill: var(--muted);
  font: 500 var(--type-lead) var(--figures);
}

.glue-line line {
  stroke: var(--copper);
  stroke-width: 3.5;
}

.glue-line circle {
  fill: var(--copper);
}

.dark .glue-line line,
.dark .size {
  stroke-width: 3.5;
}

.caption {
  display: flex;
  align-items: center;
  gap: 8px;
  padding-top: 8px;
  color: var(--muted);
  font-size: var(--type-note);
}

.dot {
  width: 12px;
  height: 12px;
  border-radius: 50%;
  background: var(--copper);
}
</style>
