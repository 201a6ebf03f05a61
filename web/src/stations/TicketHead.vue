<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { TicketForm, TicketView } from '@/api/client'
import { when } from '@/quantity/when'
import type { StationName } from '@/ticket/stations'
import StationRibbon from './StationRibbon.vue'

/** Which ticket it is, and its stations. */
const props = defineProps<{
  /** As the server has it; nothing while it is new. */
  ticket: TicketView | null
  form: TicketForm | null
  station: StationName
  ticketId?: string
}>()
const { t } = useI18n()
const heading = computed(() => (props.ticketId ? props.form?.title : t('ticket.new')))
const subtitle = computed(() => {
  if (!props.ticket || !props.form) return ''
  const what = t('ticket.subtitle', {
    pieces: props.form.pieces,
    garment: props.form.garment.name,
    on: props.form.decorations.map(({ description }) => description).join(', '),
  })
  return `${what} · ${t('ticket.due', { when: when(props.form.dueAt) })}`
})
</script>

<template>
  <div class="head">
    <div class="title">
      <h1>
        <span v-if="ticket" class="number">{{ ticket.name }}</span> {{ heading }}
      </h1>
      <p class="muted">{{ subtitle }}</p>
    </div>
    <StationRibbon :current="station" :stations="ticket?.stations ?? []" :ticket-id="ticketId" />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px 24px;
  padding: 8px 20px;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
}

.title {
  flex: 1 1 300px;
  min-width: 0;
}

h1 {
  overflow: hidden;
  font-size: var(--type-headline);
  text-overflow: ellipsis;
  white-space: nowrap;
}

.title p {
  overflow: hidden;
  min-height: 20px;
  font-size: var(--type-note);
  text-overflow: ellipsis;
  white-space: nowrap;
}

.number {
  margin-right: 6px;
}
</style>
