<script setup lang="ts">
import { computed } from 'vue'
import { useUnits } from './units'

/** A difference: 10 K are 10 °C or 18 °F of it. */
const props = defineProps<{ kelvin: number }>()
const { temperature } = useUnits()
const shown = computed(() => Math.round(temperature.value === '°F' ? props.kelvin * 1.8 : props.kelvin))
</script>

<template>
  <span class="figure difference">{{ shown }} {{ temperature }}</span>
</template>

<style scoped>
.difference {
  color: var(--copper);
}
</style>
