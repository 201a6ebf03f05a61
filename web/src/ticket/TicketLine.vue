<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { late, when } from '@/quantity/when'
import { viewOf } from './stations'
import ClothSwatch from '@/cloth/ClothSwatch.vue'

defineProps<{ ticket: Schemas['TicketSummary']; now?: string }>()
</script>

<template>
  <li class="line">
    <RouterLink
      class="number"
      :to="{ name: 'ticket', params: { id: ticket.id, station: viewOf(ticket.station) } }"
      >{{ ticket.name }}</RouterLink
    >
    <ClothSwatch :depth="ticket.depth" :hue="ticket.hue" />
    <span class="what">
      <strong>{{ ticket.title }}</strong>
      <span class="muted">{{ ticket.pieces }} × {{ ticket.garment }} · {{ ticket.goesOn }}</span>
    </span>
    <span class="station">{{ $t(`station.${ticket.station}`) }}</span>
    <span class="due" :class="{ late: late(ticket.dueAt, now) }">
      {{ when(ticket.dueAt, now) }}
      <span v-if="late(ticket.dueAt, now)" class="late-word">{{ $t('today.late') }}</span>
    </span>
  </li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 66px 22px minmax(0, 1fr) 80px 190px;
  align-items: center;
  gap: 12px;
  padding: 9px 0;
  border-top: 1px solid var(--line);
}

.number {
  font: 600 var(--type-lead) var(--figures);
}

.what {
  display: flex;
  flex-direction: column;
  overflow: hidden;
}

.what > * {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.station {
  font-family: var(--figures);
  font-weight: 500;
  font-size: var(--type-lead);
}

.due {
  font-size: var(--type-note);
  text-align: right;
}

.late {
  color: var(--no);
}

.late-word {
  font-weight: 600;
}
</style>
