<script setup lang="ts">
import type { Evidence } from '@/api/client'
import { useVocabulary } from '@/speech/vocabulary'

/** A number of the recipe; opens where it comes from and what moved it. */
type Figure = 'set' | 'time' | 'pressure' | 'peel' | 'cover' | 'drying' | 'keepBack'
defineProps<{ what: Figure; why: Evidence[] }>()
const { word } = useVocabulary()
</script>

<template>
  <a-popover trigger="click" placement="bottomLeft" :title="$t(`why.${what}`)">
    <template #content>
      <ul class="why">
        <li v-for="(line, n) in why" :key="n">
          <span class="source">{{ word('source', line.source) }}</span> {{ line.sentence }}
        </li>
      </ul>
    </template>
    <button type="button" class="value" :aria-label="$t(`why.${what}`)"><slot /></button>
  </a-popover>
</template>

<style scoped>
.value {
  padding: 0;
  border: 0;
  border-bottom: 1px dotted var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.why {
  max-width: 360px;
  padding: 0;
  list-style: none;
}

.source {
  display: inline-block;
  min-width: 46px;
  padding: 0 6px;
  border: 1px solid var(--line);
  border-radius: 5px;
  color: var(--muted);
  font-size: var(--type-fine);
  text-align: center;
}

@media print {
  .value {
    border: 0;
  }
}
</style>
