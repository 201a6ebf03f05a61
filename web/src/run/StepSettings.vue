<script setup lang="ts">
import type { Schemas } from '@/api/client'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import { useVocabulary } from '@/speech/vocabulary'

/** What to set, 40 px high: read at arm's length. */
defineProps<{ setting: Schemas['Setting']; peel: string | null }>()
const { word } = useVocabulary()
</script>

<template>
  <dl class="settings">
    <div>
      <dt>{{ $t('run.set') }}</dt>
      <dd><TemperatureValue :celsius="setting.dial" /></dd>
    </div>
    <div>
      <dt>{{ $t('run.time') }}</dt>
      <dd><TimeValue :seconds="setting.time" /></dd>
    </div>
    <div>
      <dt>{{ $t('run.pressure') }}</dt>
      <dd>{{ word('pressure', setting.pressure) }}</dd>
    </div>
    <div v-if="peel && peel !== 'NONE'">
      <dt>{{ $t('run.peel') }}</dt>
      <dd>{{ word('peel', peel) }}</dd>
    </div>
  </dl>
</template>

<style scoped>
.settings {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 40px;
  margin: 0;
  padding-top: 16px;
}

dt {
  color: var(--muted);
  font-size: var(--type-lead);
}

dd {
  margin: 0;
  font: 600 var(--type-far-figure)/1.1 var(--figures);
}
</style>
