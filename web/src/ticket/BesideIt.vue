<script setup lang="ts">
import { useBeside } from './beside'

/** What a station shows of the thing itself: beside the work while there is room for it, else within the station. */
const beside = useBeside()
</script>

<template>
  <Teleport defer to="#beside" :disabled="!beside"><slot /></Teleport>
</template>
