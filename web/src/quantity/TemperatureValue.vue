<script setup lang="ts">
import { degrees } from './format'
import { useUnits } from './units'

defineProps<{ celsius: number; short?: boolean }>()
const { temperature } = useUnits()
</script>

<template>
  <span class="figure temperature"
    >{{ degrees(celsius, temperature) }}{{ short ? '°' : ` ${temperature}` }}</span
  >
</template>

<style scoped>
.temperature {
  color: var(--copper);
}
</style>
