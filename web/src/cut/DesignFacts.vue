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
  /** How far the middle of its box lies to the right of the garment's, mm; null while nobody knows. */
  fromCentre: number | null
}>()
defineEmits<{ resize: [to: number]; centre: [fromCentre: number] }>()
/** Less than this nobody sees, mm. */
const SEEN = 1
const askew = computed(
  () => Math.abs(props.reading.weight.x) >= SEEN || Math.abs(props.reading.weight.y) >= SEEN,
)
const rounded = (mm: number) => Math.round(Math.abs(mm) * 2) / 2

/** Where the box is to go so that the other of the two middles lies on that of the garment; null where neither does. */
const centred = computed(() => {
  const { x } = props.reading.weight
  if (props.fromCentre === null || Math.abs(x) < SEEN) return null
  if (Math.abs(props.fromCentre) < 0.6) return -Math.round(x * 10) / 10
  return Math.abs(props.fromCentre + x) < 0.6 ? 0 : null
})
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
    <div v-if="askew">
      <dt>{{ $t('cut.weight') }}</dt>
      <dd class="weight">
        <span v-if="Math.abs(reading.weight.x) >= SEEN">
          <LengthValue :millimetres="rounded(reading.weight.x)" />
          {{ $t(reading.weight.x < 0 ? 'cut.toTheLeft' : 'cut.toTheRight') }}
        </span>
        <span v-if="Math.abs(reading.weight.y) >= SEEN">
          <LengthValue :millimetres="rounded(reading.weight.y)" />
          {{ $t(reading.weight.y < 0 ? 'cut.above' : 'cut.below') }}
        </span>
        <a-button v-if="centred !== null" size="small" @click="$emit('centre', centred)">{{
          $t(centred === 0 ? 'cut.centreByBox' : 'cut.centreByWeight')
        }}</a-button>
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

.weight {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
}

.wanted dd {
  display: flex;
  gap: 10px;
  color: var(--no);
}
</style>
