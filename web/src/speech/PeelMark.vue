<script setup lang="ts">
import { useVocabulary } from './vocabulary'

defineProps<{ peel: string }>()
const { word } = useVocabulary()
</script>

<template>
  <span class="peel">
    <svg viewBox="0 0 18 16" width="18" height="16" aria-hidden="true">
      <path d="M1 14 H17" />
      <path v-if="peel !== 'NONE'" d="M1 11 H9 Q15 11 16 3" />
      <path v-if="peel !== 'NONE'" d="M12.8 5 L16 2.6 L17.4 6.2" />
    </svg>
    {{ peel === 'NONE' ? word('peel', peel) : $t('quantity.peel', { how: word('peel', peel) }) }}
  </span>
</template>

<style scoped>
.peel {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  white-space: nowrap;
}

path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 1.4;
  stroke-linecap: round;
}
</style>
