<script setup lang="ts">
import { computed } from 'vue'
import { useVocabulary } from './vocabulary'

const props = defineProps<{ pressure: string }>()
const { word } = useVocabulary()
const steps = computed(() => ({ HAND: 0, LIGHT: 1, MEDIUM: 2, FIRM: 3 })[props.pressure] ?? 0)
</script>

<template>
  <span class="pressure">
    <svg viewBox="0 0 18 16" width="18" height="16" aria-hidden="true">
      <rect
        v-for="n in 3"
        :key="n"
        :x="(n - 1) * 6 + 1"
        :y="10 - n * 3"
        width="4"
        :height="5 + n * 3"
        rx="1"
        :class="{ on: n <= steps }"
      />
    </svg>
    {{ word('pressure', pressure) }}
  </span>
</template>

<style scoped>
.pressure {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  white-space: nowrap;
}

rect {
  fill: none;
  stroke: currentcolor;
  stroke-width: 1;
}

rect.on {
  fill: currentcolor;
}
</style>
