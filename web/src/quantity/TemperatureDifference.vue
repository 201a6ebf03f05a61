<script setup lang="ts">
import { kelvinIn } from './format'
import { useUnits } from './units'

/** A difference: 10 K are 10 °C or 18 °F of it. */
defineProps<{ kelvin: number }>()
const { temperature } = useUnits()
</script>

<template>
  <span class="figure difference">{{ kelvinIn(kelvin, temperature) }}</span>
</template>

<style scoped>
.difference {
  color: var(--copper);
}
</style>
