<script setup lang="ts">
import { computed } from 'vue'
import type { DesignReading } from './designs'
import type { Schemas } from '@/api/client'

/** A page to print: its marks, the prints on it and the line that each is cut along. */
const props = defineProps<{
  page: Schemas['LaidPrint'][]
  print: Schemas['PrintView']
  reading: DesignReading
  number: number
}>()
const box = computed(() => `-1 -1 ${props.print.pageWidth + 2} ${props.print.pageHeight + 2}`)

function transform({ at, turned }: Schemas['LaidPrint']) {
  const turn = turned ? ' rotate(90)' : ''
  const over = props.reading.mirrored ? ' scale(-1 1)' : ''
  const { x, y, width, height } = props.reading.bounds
  const middle = `translate(${-x - width / 2} ${-y - height / 2})`
  return `translate(${at.x + at.width / 2} ${at.y + at.height / 2})${turn}${over} ${middle}`
}
</script>

<template>
  <figure>
    <figcaption>{{ $t('cut.page', { n: number }) }}</figcaption>
    <svg class="page" :viewBox="box" role="img" :aria-label="$t('cut.page', { n: number })">
      <rect :width="print.pageWidth" :height="print.pageHeight" class="paper" />
      <ellipse
        v-for="(mark, n) in print.marks"
        :key="n"
        :cx="mark.x + mark.width / 2"
        :cy="mark.y + mark.height / 2"
        :rx="mark.width / 2"
        :ry="mark.height / 2"
      />
      <g v-for="(each, n) in page" :key="n" :transform="transform(each)">
        <path
          v-for="layer in reading.layers"
          :key="layer.colour"
          :d="layer.path"
          :fill="layer.colour"
          fill-rule="evenodd"
        />
        <path v-if="reading.print" :d="reading.print.cutLine" class="cut-line" />
      </g>
    </svg>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

figcaption {
  padding: 4px 0;
  font-weight: 600;
  font-size: var(--type-note);
}

.page {
  display: block;
  width: 100%;
  max-height: 460px;
}

.paper {
  fill: var(--paper);
  stroke: var(--outline);
  stroke-width: 0.6;
}

.cut-line {
  fill: none;
  stroke: var(--paper-no);
  stroke-dasharray: 3 2;
  stroke-width: 0.7;
}
</style>
