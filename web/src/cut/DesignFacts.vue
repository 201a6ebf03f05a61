<script setup lang="ts">
import { computed } from 'vue'
import LengthValue from '@/quantity/LengthValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import type { DesignReading } from './designs'

/** A design in figures: pieces, metres and minutes where it is cut, its size, and the size from which it is clean. */
const props = defineProps<{
  reading: DesignReading
  /** As it is asked for, mm. */
  width: number
}>()
defineEmits<{ resize: [to: number] }>()
/** A design is no wider than this, mm. */
const WIDEST = 3000
const lift = computed(() => props.reading.layers.reduce((sum, { toLift }) => sum + toLift, 0))
const tooSmall = computed(() => props.reading.cleanWidth > props.width + 0.05)
</script>

<template>
  <dl class="facts">
    <template v-if="!reading.print">
      <div>
        <dt>{{ $t('cut.toLift') }}</dt>
        <dd>{{ lift }}</dd>
      </div>
      <div>
        <dt>{{ $t('cut.cutLength') }}</dt>
        <dd>{{ (reading.cutLength / 1000).toFixed(2) }} m</dd>
      </div>
      <div>
        <dt>{{ $t('cut.weeding') }}</dt>
        <dd><TimeValue :seconds="Math.round(reading.weedingSeconds)" /></dd>
      </div>
    </template>
    <div>
      <dt>{{ $t('cut.size') }}</dt>
      <dd>
        <LengthValue :millimetres="Math.round(reading.bounds.width)" /> ×
        <LengthValue :millimetres="Math.round(reading.bounds.height)" />
      </dd>
    </div>
    <div v-if="tooSmall" class="wanted">
      <dt>{{ $t('cut.cleanFrom') }}</dt>
      <dd>
        <LengthValue :millimetres="reading.cleanWidth" />
        <a-button
          size="small"
          :disabled="reading.cleanWidth > WIDEST"
          @click="$emit('resize', reading.cleanWidth)"
          >{{ $t('cut.makeSo') }}</a-button
        >
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 28px;
  margin: 10px 0;
}

dt {
  color: var(--muted);
  font-size: var(--type-fine);
}

dd {
  margin: 0;
  font: 600 var(--type-lead) var(--figures);
}

.wanted dd {
  display: flex;
  gap: 10px;
  color: var(--no);
}
</style>
