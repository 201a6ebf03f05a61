<script setup lang="ts">
import { computed } from 'vue'
import { capital } from '@/quantity/format'
import { useVocabulary } from '@/speech/vocabulary'
import { useNextFrame } from '@/shell/useNextFrame'
import type { DesignReading, Fault } from './designs'

/** What fails, the worst first, over all colours. */
const props = defineProps<{ reading: DesignReading; chosen: Fault | null }>()
const emit = defineEmits<{ choose: [layer: number, fault: number] }>()
const { title } = useVocabulary()
const SHOWN = 60
const listed = useNextFrame(() => props.reading)

const all = computed(() =>
  props.reading.layers
    .flatMap(({ colour, faults }, layer) => faults.map((what, fault) => ({ colour, layer, fault, what })))
    .sort((a, b) => b.what.severity - a.what.severity),
)
const count = computed(() => props.reading.layers.reduce((sum, { allFaults }) => sum + allFaults, 0))
</script>

<template>
  <div class="faults" tabindex="0" role="region" :aria-label="$t('cut.faults')">
    <p v-if="!count" class="clean">{{ $t('cut.clean') }}</p>
    <ol v-else-if="listed">
      <li v-for="each in all.slice(0, SHOWN)" :key="`${each.layer} ${each.fault}`">
        <button
          type="button"
          :aria-pressed="chosen?.layer === each.layer && chosen.fault === each.fault"
          @click="emit('choose', each.layer, each.fault)"
        >
          <i :style="{ background: each.colour }" />
          <b :class="{ worst: each.what.severity > 0.5 }">{{ title('fault', each.what.kind) }}</b>
          <span>{{ capital(each.what.sentence) }}</span>
        </button>
      </li>
    </ol>
    <p v-if="listed && count > SHOWN" class="muted">{{ $t('cut.moreFaults', { n: count - SHOWN }) }}</p>
  </div>
</template>

<style scoped>
.faults {
  overflow: auto;
  max-height: 300px;
}

ol {
  padding: 0;
  list-style: none;
}

button {
  display: grid;
  grid-template-columns: 18px minmax(120px, auto) 1fr;
  gap: 8px;
  width: 100%;
  min-height: 34px;
  padding: 5px 8px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

button:hover,
button[aria-pressed='true'] {
  background: var(--tight-ground);
}

i {
  width: 14px;
  height: 14px;
  margin-top: 3px;
  border: 1px solid var(--muted);
  border-radius: 3px;
}

b {
  color: var(--tight);
}

.worst {
  color: var(--no);
}

.clean {
  padding: 8px;
  color: var(--safe);
}
</style>
