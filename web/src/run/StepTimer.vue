<script setup lang="ts">
import { computed } from 'vue'
import { clock } from '@/quantity/format'

/** The time that is left, read from across the room. */
const props = defineProps<{
  /** s; of the step until it is begun. */
  left: number
  over: boolean
  paused: boolean
  /** Whether it is a press, and not a wait. */
  pressing: boolean
}>()
const state = computed(() => {
  if (props.over) return props.pressing ? 'run.over' : 'run.overWait'
  return props.paused ? 'run.paused' : 'run.left'
})
</script>

<template>
  <p class="timer figure" :class="{ over }" role="timer" data-testid="timer">
    {{ clock(left) }} <span class="unit">{{ $t(state) }}</span>
  </p>
</template>

<style scoped>
.timer {
  padding-top: 14px;
  font-size: var(--type-countdown);
  line-height: 0.95;
}

.timer.over {
  color: var(--copper);
}

.unit {
  color: var(--muted);
  font-size: var(--type-far-figure);
}
</style>
