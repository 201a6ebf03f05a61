<script setup lang="ts">
import { computed } from 'vue'
import { useVocabulary } from '@/speech/vocabulary'
import { discsPath, rolesOf, type SumPage } from './sums'

/** A page of a sum to scale, with what its lines are for. */
const props = defineProps<{
  page: SumPage
  /** Whether its name stands above it. */
  named: boolean
  /** What stones lie on; null where it is paper. */
  cloth: string | null
}>()
const { title } = useVocabulary()
const rim = computed(() => Math.max(props.page.width, props.page.height) * 0.02)
const box = computed(
  () =>
    `${-rim.value} ${-rim.value} ${props.page.width + 2 * rim.value} ${props.page.height + 2 * rim.value}`,
)
const roles = computed(() => rolesOf(props.page))
const ground = computed(() =>
  props.cloth && roles.value.includes('STONE') ? { fill: props.cloth } : undefined,
)
const look = (role: string) => role.toLowerCase().replace('_', '-')
</script>

<template>
  <figure>
    <figcaption v-if="named">{{ page.name }}</figcaption>
    <svg class="page" :viewBox="box" role="img" :aria-label="page.name">
      <rect
        :width="page.width"
        :height="page.height"
        class="ground"
        :style="ground"
        vector-effect="non-scaling-stroke"
      />
      <template v-for="(mark, n) in page.marks" :key="n">
        <path
          v-if="mark.path === null"
          :d="discsPath(mark)"
          :fill="mark.role === 'HOLE' ? 'none' : mark.colour!"
          class="disc"
          :class="look(mark.role)"
          vector-effect="non-scaling-stroke"
        />
        <path v-else-if="mark.colour" :d="mark.path" :fill="mark.colour" fill-rule="evenodd" class="filled" />
        <path
          v-else
          :d="mark.path"
          class="line"
          :class="look(mark.role)"
          vector-effect="non-scaling-stroke"
        />
      </template>
    </svg>
    <ul class="legend">
      <li v-for="role in roles" :key="role">
        <svg viewBox="0 0 30 8" aria-hidden="true">
          <circle
            v-if="role === 'STONE' || role === 'HOLE' || role === 'BY_HAND'"
            cx="15"
            cy="4"
            r="3"
            class="disc sample"
          />
          <line v-else y1="4" x2="30" y2="4" class="line" :class="look(role)" />
        </svg>
        {{ title('line', role) }}
      </li>
    </ul>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

figcaption {
  padding: 4px 0;
  font-size: var(--type-note);
}

.page {
  display: block;
  width: 100%;
  max-height: 460px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--paper-ground);
}

.ground {
  fill: var(--paper);
  stroke: var(--outline);
  stroke-width: 1;
}

.disc {
  stroke: var(--outline);
  stroke-width: 0.7;
}

.by-hand {
  stroke: var(--paper-no);
  stroke-width: 1.6;
}

.sample {
  fill: none;
  stroke: var(--muted);
}

.line {
  fill: none;
  stroke: var(--paper-ink);
  stroke-width: 1.2;
}

.legend .line {
  stroke-width: 2;
}

.edge {
  stroke: var(--outline);
}

path.print {
  fill: var(--paper-print-wash);
}

path.web {
  fill: var(--paper-copper-wash);
  fill-rule: evenodd;
}

.cut,
.trim,
.kiss-cut,
.slit {
  stroke: var(--paper-no);
}

.kiss-cut {
  stroke-dasharray: 5 2;
}

.fold {
  stroke: var(--paper-slate);
  stroke-dasharray: 7 4;
}

.placement {
  stroke: var(--paper-slate);
  stroke-dasharray: 2 3;
}

.tack-down {
  stroke: var(--paper-safe);
  stroke-dasharray: 4 3;
}

.cover {
  stroke: var(--paper-tight);
  stroke-dasharray: 9 3;
}

.web {
  stroke: var(--paper-copper);
  stroke-dasharray: 8 2 2 2;
}

.stabiliser,
.board,
.platen {
  stroke: var(--outline);
  stroke-dasharray: 12 4 2 4;
}

.print {
  stroke: var(--paper-held);
}

.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  padding: 6px 0;
  font-size: var(--type-note);
  list-style: none;
}

/* Samples stand on the page, which is dark at night: they lie on paper as the drawing does. */
.legend svg {
  width: 34px;
  height: 12px;
  padding: 1px 2px;
  border-radius: 3px;
  background: var(--paper);
  vertical-align: -1px;
}
</style>
