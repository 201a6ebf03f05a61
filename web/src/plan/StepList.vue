<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '@/api/client'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import { useVocabulary } from '@/speech/vocabulary'

const props = defineProps<{ steps: Step[] }>()
const rounds = computed(() => Math.max(1, ...props.steps.map(({ round }) => round)))
const { title } = useVocabulary()
</script>

<template>
  <ol class="steps">
    <template v-for="(step, n) in steps" :key="step.number">
      <li v-if="rounds > 1 && step.round !== steps[n - 1]?.round" class="round">
        {{ $t('steps.round', { n: step.round, of: rounds }) }}
      </li>
      <li>
        <span class="number figure">{{ step.number }}</span>
        <span class="kind">{{ title('step', step.kind) }}</span>
        <div>
          {{ step.instruction }}
          <span v-if="step.where" class="where">{{ step.where }}</span>
          <span v-if="step.meanwhile" class="muted no-print">{{ step.meanwhile }}</span>
          <p v-if="step.why" class="muted reason no-print">{{ step.why }}.</p>
        </div>
        <span class="setting">
          <small v-if="step.kind === 'SET'" class="muted no-print">{{ $t('steps.once') }}</small>
          <small v-else-if="step.handsOn" class="muted no-print">{{
            $t('press.byHand', { n: step.handsOn })
          }}</small>
          <TemperatureValue v-if="step.setting" :celsius="step.setting.dial" />
          <TimeValue v-if="step.timed !== null" :seconds="step.timed" />
        </span>
      </li>
    </template>
  </ol>
</template>

<style scoped>
.steps {
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 26px 112px minmax(0, 1fr) auto;
  gap: 10px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}

.round {
  display: block;
  font-weight: 600;
}

.number {
  color: var(--chosen);
}

.kind {
  font-weight: 600;
}

.reason {
  font-size: var(--type-fine);
}

.setting {
  display: flex;
  flex-wrap: wrap;
  align-content: start;
  justify-content: flex-end;
  max-width: 150px;
  gap: 4px 12px;
  font-size: var(--type-lead);
}

@media print {
  li {
    grid-template-columns: 18px 72px minmax(0, 1fr) auto;
    gap: 6px;
    padding: 2px 0;
  }

  .steps {
    font-size: var(--type-small);
    line-height: 1.25;
  }

  .setting {
    gap: 2px 6px;
    font-size: var(--type-fine);
  }
}
</style>
