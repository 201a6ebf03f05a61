<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { capital } from '@/quantity/format'
import { useVocabulary } from '@/speech/vocabulary'

/** Media that will not do, each with its reason and what would lift it. */
defineProps<{ ruledOut: Schemas['RuledOut'][] }>()
const { word } = useVocabulary()
</script>

<template>
  <dl class="out">
    <div v-for="out in ruledOut" :key="out.medium">
      <dt>{{ capital(out.name) }}</dt>
      <dd>
        <span class="question">{{ word('question', out.question) }}:</span> {{ out.reason }}
        <strong>{{ out.lift }}</strong>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.out {
  margin: 0;
}

.out > div {
  display: grid;
  grid-template-columns: 180px 1fr;
  padding: 9px 2px;
  border-top: 1px solid var(--line);
}

dt {
  font-weight: 600;
}

dd {
  margin: 0;
}

dd strong {
  color: var(--copper);
}

.question {
  color: var(--muted);
}
</style>
