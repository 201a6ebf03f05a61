<script setup lang="ts">
import type { Step } from '@/api/client'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import { useVocabulary } from '@/speech/vocabulary'

defineProps<{ steps: Step[] }>()
const { title } = useVocabulary()
</script>

<template>
  <ol class="steps">
    <li v-for="step in steps" :key="step.number">
      <span class="number figure">{{ step.number }}</span>
      <span class="kind">{{ title('step', step.kind) }}</span>
      <div>
        {{ step.instruction }}
        <span v-if="step.meanwhile" class="muted no-print">{{ step.meanwhile }}</span>
        <p v-if="step.why" class="muted reason no-print">{{ step.why }}.</p>
      </div>
      <span class="setting">
        <small v-if="step.handsOn" class="muted no-print">{{
          $t('press.byHand', { n: step.handsOn })
        }}</small>
        <TemperatureValue v-if="step.setting" :celsius="step.setting.dial" />
        <TimeValue v-if="step.timed !== null" :seconds="step.timed" />
      </span>
    </li>
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

.number {
  color: var(--copper);
}

.kind {
  font-weight: 600;
}

.reason {
  font-size: 13px;
}

.setting {
  display: flex;
  gap: 12px;
  font-size: 17px;
}

@media print {
  li {
    grid-template-columns: 18px 72px minmax(0, 1fr) auto;
    gap: 6px;
    padding: 2px 0;
  }

  .setting {
    gap: 6px;
    font-size: 13px;
  }
}
</style>
