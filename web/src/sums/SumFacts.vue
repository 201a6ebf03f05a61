<script setup lang="ts">
import TimeValue from '@/quantity/TimeValue.vue'
import { useVocabulary } from '@/speech/vocabulary'
import type { SumView } from './sums'

/** What a sum comes to in words: what may go wrong first, then the figures, the stones, and what to do. */
defineProps<{ sum: SumView }>()
const { title } = useVocabulary()
</script>

<template>
  <div>
    <ul v-if="sum.cautions.length" class="cautions" :aria-label="$t('sums.cautions')">
      <li v-for="caution in sum.cautions" :key="caution">{{ caution }}</li>
    </ul>
    <ul class="facts" :aria-label="$t('sums.facts')">
      <li v-for="fact in sum.facts" :key="fact">{{ fact }}</li>
    </ul>
    <p v-if="sum.hands > 0 && !sum.kinds.length">{{ $t('sums.hands') }} <TimeValue :seconds="sum.hands" /></p>
    <table v-if="sum.kinds.length" class="rows">
      <thead>
        <tr>
          <th>{{ $t('sums.size') }}</th>
          <th>{{ $t('sums.stoneColour') }}</th>
          <th class="number">{{ $t('sums.laid') }}</th>
          <th class="number">{{ $t('sums.spare') }}</th>
          <th>{{ $t('sums.onCloth') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="kind in sum.kinds" :key="kind.size + kind.colour">
          <td>{{ title('stonesize', kind.size) }}</td>
          <td><i :style="{ background: kind.colour }" /> {{ kind.colour }}</td>
          <td class="number">{{ kind.laid }}</td>
          <td class="number">{{ kind.spare }}</td>
          <td>{{ kind.contrast }}</td>
        </tr>
      </tbody>
    </table>
    <h3>{{ $t('sums.steps') }}</h3>
    <ol class="steps">
      <li v-for="step in sum.steps" :key="step">{{ step }}</li>
    </ol>
  </div>
</template>

<style scoped>
.cautions {
  margin: 0 0 8px;
  padding: 8px 12px 8px 28px;
  border-radius: 8px;
  background: var(--tight-ground);
}

.facts,
.steps {
  padding-left: 20px;
  line-height: 1.7;
}

i {
  display: inline-block;
  width: 14px;
  height: 14px;
  border: 1px solid var(--muted);
  border-radius: 3px;
  vertical-align: -2px;
}

.number {
  text-align: right;
}

h3 {
  margin-top: 10px;
}
</style>
