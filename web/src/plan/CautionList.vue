<script setup lang="ts">
import { useVocabulary } from '@/speech/vocabulary'

defineProps<{ cautions: string[] }>()
const { word } = useVocabulary()
</script>

<template>
  <ul v-if="cautions.length" class="cautions" :aria-label="$t('press.cautions')">
    <li v-for="caution in cautions" :key="caution">{{ word('caution', caution) }}</li>
  </ul>
</template>

<style scoped>
.cautions {
  padding: 10px 16px 10px 32px;
  border-left: 4px solid var(--tight);
  background: var(--mind-ground);
  font-size: var(--type-note);
  line-height: 1.5;
}

@media print {
  .cautions {
    padding: 4px 8px 4px 22px;
    border: 1px solid var(--print-line);
    columns: 2;
    line-height: 1.3;
    background: none;
    font-size: var(--type-print-note);
  }
}
</style>
