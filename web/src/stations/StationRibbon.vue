<script setup lang="ts">
import { RouterLink } from 'vue-router'
import type { Schemas } from '@/api/client'
import { STATIONS, type StationName } from '@/ticket/stations'

const props = defineProps<{
  current: StationName
  stations: Schemas['StationState'][]
  ticketId: string | undefined
}>()

const state = (name: StationName) => props.stations.find((s) => s.station === name.toUpperCase())
</script>

<template>
  <nav class="ribbon" :aria-label="$t('station.label')">
    <component
      :is="ticketId ? RouterLink : 'span'"
      v-for="name in STATIONS"
      :key="name"
      :to="ticketId ? { name: 'ticket', params: { id: ticketId, station: name } } : undefined"
      class="station"
      :class="{ here: name === current, done: state(name)?.state === 'DONE' }"
      :aria-current="name === current ? 'step' : undefined"
    >
      <strong>
        <svg
          v-if="state(name)?.state === 'DONE'"
          viewBox="0 0 12 12"
          width="11"
          height="11"
          aria-hidden="true"
        >
          <path d="M1.5 6.5 L4.8 9.6 L10.5 2.5" fill="none" stroke="currentColor" stroke-width="2" />
        </svg>
        {{ $t(`station.${name.toUpperCase()}`) }}
      </strong>
      <small>{{ state(name)?.note ?? '' }}</small>
    </component>
  </nav>
</template>

<style scoped>
.ribbon {
  display: flex;
  border: 1px solid var(--line);
  border-radius: 10px;
  overflow: hidden;
}

.station {
  display: flex;
  flex-direction: column;
  box-sizing: border-box;
  width: 118px;
  min-height: 50px;
  padding: 7px 14px;
  border-left: 1px solid var(--line);
  background: var(--station);
  color: var(--ink);
  line-height: 1.3;
}

.station:first-child {
  border-left: 0;
}

.station small {
  overflow: hidden;
  color: var(--muted);
  text-overflow: ellipsis;
  white-space: nowrap;
}

.here {
  background: var(--here);
  color: var(--on-dark);
}

.here small {
  color: var(--on-velvet);
}

.station:focus-visible {
  outline-offset: -3px;
}
</style>
