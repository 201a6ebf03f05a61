<script setup lang="ts">
import { computed } from 'vue'
import { useNextFrame } from '@/shell/useNextFrame'
import type { DesignReading, Fault } from './designs'

/** A design as it is seen, or as it lies on the mat, with the places that fail. */
const props = defineProps<{
  reading: DesignReading
  onMat: boolean
  /** The one that is looked at. */
  chosen?: Fault | null
  faults?: boolean
  boxes?: { x: number; y: number; width: number; height: number }[]
  letters?: string
  title: string
}>()
const emit = defineEmits<{ choose: [layer: number, fault: number] }>()

const size = computed(() => Math.max(props.reading.bounds.width, props.reading.bounds.height))
const box = computed(() => {
  const r = size.value * 0.05
  const { x, y, width, height } = props.reading.bounds
  return `${x - r} ${y - r} ${width + 2 * r} ${height + 2 * r}`
})
/** Over about the middle of the art. */
const turned = computed(() => {
  const { x, width } = props.reading.bounds
  return props.onMat && props.reading.mirrored ? `translate(${2 * x + width} 0) scale(-1 1)` : undefined
})
/** A mark is never too small to hit, whatever the size of the design. */
const mark = computed(() => size.value / 70)
const at = (layer: number, fault: number) => props.chosen?.layer === layer && props.chosen.fault === fault
const MOST_MARKS = 150
/** The art first, then its marks: a design of many islands would hold the page up with both at once. */
const marked = useNextFrame(() => props.reading)
</script>

<template>
  <svg class="art" :viewBox="box" role="img" :aria-label="title">
    <g :transform="turned">
      <path
        v-for="layer in reading.layers"
        :key="layer.colour"
        :d="layer.path"
        :fill="layer.colour"
        fill-rule="evenodd"
        class="film"
        :stroke-width="size / 800"
      />
      <path
        v-if="reading.print"
        :d="reading.print.cutLine"
        class="cut-line"
        vector-effect="non-scaling-stroke"
      />
      <rect
        v-for="(each, n) in boxes ?? []"
        :key="n"
        v-bind="each"
        class="letter-box"
        vector-effect="non-scaling-stroke"
      />
      <path v-if="letters" :d="letters" class="letters" fill-rule="evenodd" />
      <template v-if="faults && marked">
        <g v-for="(layer, n) in reading.layers" :key="layer.colour">
          <circle
            v-for="(fault, i) in layer.faults.slice(0, MOST_MARKS)"
            :key="i"
            :cx="fault.x"
            :cy="fault.y"
            :r="at(n, i) ? mark * 2.2 : mark"
            class="mark"
            :class="{ chosen: at(n, i), worst: fault.severity > 0.5 }"
            vector-effect="non-scaling-stroke"
            @click="emit('choose', n, i)"
          />
        </g>
      </template>
    </g>
  </svg>
</template>

<style scoped>
.art {
  display: block;
  width: 100%;
  max-height: 380px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--paper-ground);
}

.film {
  stroke: var(--outline);
}

.cut-line {
  fill: none;
  stroke: var(--paper-no);
  stroke-dasharray: 5 3;
  stroke-width: 1.4;
}

.letter-box {
  fill: none;
  stroke: var(--paper-slate);
  stroke-dasharray: 4 3;
  stroke-width: 1.4;
}

.letters {
  fill: var(--paper-slate);
  opacity: 0.75;
}

.mark {
  fill: var(--paper-tight-wash);
  stroke: var(--paper-tight);
  stroke-width: 1.6;
  cursor: pointer;
}

.worst {
  fill: var(--paper-no-wash);
  stroke: var(--paper-no);
}

.chosen {
  stroke-width: 3;
}
</style>
