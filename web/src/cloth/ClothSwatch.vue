<script setup lang="ts">
import { computed } from 'vue'
import { clothColour } from './colour'

/** A small square of the cloth's colour; its name always stands beside it. */
const props = defineProps<{ depth: string; hue: string }>()
const fill = computed(() => clothColour(props.depth, props.hue))
</script>

<template>
  <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true">
    <rect x="1" y="1" width="18" height="18" rx="4" :fill="fill" stroke="var(--outline)" />
  </svg>
</template>
