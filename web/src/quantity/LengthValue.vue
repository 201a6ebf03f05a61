<script setup lang="ts">
import { lengthIn } from './format'
import { useUnits } from './units'

defineProps<{ millimetres: number }>()
const { length } = useUnits()
</script>

<template>
  <span class="length">{{ lengthIn(millimetres, length) }} {{ length === 'inch' ? 'in' : 'mm' }}</span>
</template>

<style scoped>
.length {
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
</style>
