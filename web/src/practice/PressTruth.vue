<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { degrees } from '@/quantity/format'
import TemperatureDifference from '@/quantity/TemperatureDifference.vue'
import { useUnits } from '@/quantity/units'

/** Strips laid at nine places, or what the press is truly like. */
const props = defineProps<{ known: Schemas['Practised']; dial: number | null; what: 'strips' | 'truth' }>()
const { temperature } = useUnits()
const read = computed(() =>
  props.known.strips.map((off) =>
    props.dial === null ? '' : `${degrees(props.dial + off, temperature.value)}°`,
  ),
)
const off = computed(() => props.known.truth.readsHigh)
const coldest = computed(() => {
  const { places } = props.known.truth
  const least = Math.min(...places)
  return { place: places.indexOf(least), by: -least }
})
</script>

<template>
  <div v-if="what === 'strips'" class="strips">
    <p v-if="dial === null" class="muted">{{ $t('practice.stripsOff') }}</p>
    <template v-else>
      <ol>
        <li v-for="(reading, n) in read" :key="n">
          <span class="visually-hidden">{{ $t(`practice.places.${n}`) }}: </span>{{ reading }}
        </li>
      </ol>
      <p class="muted">{{ $t('practice.stripsNote') }}</p>
    </template>
  </div>
  <ul v-else class="truth">
    <li>
      {{ $t(off > 0 ? 'practice.readsHigh' : 'practice.readsLow') }}
      <TemperatureDifference :kelvin="Math.abs(off)" />.
    </li>
    <li>
      {{ $t('practice.coldest', { place: $t(`practice.places.${coldest.place}`) }) }}
      <TemperatureDifference :kelvin="coldest.by" />.
    </li>
    <li>
      {{ $t(known.truth.contact < 1 ? 'practice.touchesLess' : 'practice.touchesMore') }}
      {{ $t('practice.warms', { n: Math.round(known.truth.warmsPerMinute) }) }}
    </li>
  </ul>
</template>

<style scoped>
.strips {
  display: flex;
  align-items: center;
  gap: 16px;
  padding-top: 8px;
}

ol {
  display: grid;
  grid-template-columns: repeat(3, 52px);
  gap: 3px;
  padding: 0;
  list-style: none;
}

ol li {
  padding: 3px 0;
  border: 1px solid var(--line);
  border-radius: 4px;
  font-family: var(--figures);
  font-size: var(--type-lead);
  text-align: center;
}

.truth {
  padding-top: 8px;
}
</style>
