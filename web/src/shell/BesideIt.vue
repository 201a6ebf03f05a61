<script setup lang="ts">
import { useBeside } from './beside'

/**
 * What a station shows of the thing itself: beside the work while there is room for it, else within the station. What
 * turns the thing over stands in its head.
 */
defineProps<{ head?: boolean }>()
const beside = useBeside()
</script>

<template>
  <Teleport defer :to="head ? '#beside-head' : '#beside'" :disabled="!beside"><slot /></Teleport>
</template>
