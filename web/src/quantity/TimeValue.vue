<script setup lang="ts">
import { computed } from 'vue'
import { duration } from './format'

const props = defineProps<{ seconds: number }>()
const shown = computed(() => duration(props.seconds))
</script>

<template>
  <span class="figure time">{{ shown.value }} {{ shown.unit }}</span>
</template>

<style scoped>
.time {
  color: var(--slate);
}
</style>
