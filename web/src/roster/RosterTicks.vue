<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, type TicketView } from '@/api/client'
import { unitsKey } from '@/quantity/units'

/** The pieces of a roster, to be ticked off as they are done. */
const props = defineProps<{ ticket: TicketView }>()
const client = useQueryClient()
const done = computed(() => props.ticket.rosterPieces.filter((piece) => piece.done).length)

const { mutate, error } = useMutation({
  mutationFn: ({ entry, tick }: { entry: number; tick: boolean }) => {
    const params = { path: { id: props.ticket.id, entry } }
    return answer(
      tick
        ? api.PUT('/api/tickets/{id}/roster/{entry}/done', { params })
        : api.DELETE('/api/tickets/{id}/roster/{entry}/done', { params }),
    )
  },
  onSuccess: (ticket) => client.setQueryData(['ticket', ticket.id, unitsKey.value], ticket),
})
</script>

<template>
  <section class="ticks">
    <h3>{{ $t('roster.tick') }}</h3>
    <p class="muted" role="status">{{ $t('roster.ticked', { done, of: ticket.roster.length }) }}</p>
    <p v-if="error" role="alert" class="problem">{{ error.message }}</p>
    <ul>
      <li v-for="(entry, n) in ticket.roster" :key="n" :class="{ done: ticket.rosterPieces[n]?.done }">
        <a-checkbox
          :checked="ticket.rosterPieces[n]?.done"
          @change="mutate({ entry: n, tick: !ticket.rosterPieces[n]?.done })"
          >{{ [entry.number, entry.name, entry.size].filter(Boolean).join(' · ') }}</a-checkbox
        >
        <span v-if="ticket.rosterPieces[n]?.centre" class="muted">{{ ticket.rosterPieces[n]!.centre }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.ticks {
  padding: 14px 0;
}

ul {
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  min-height: 44px;
  border-top: 1px solid var(--line);
}

.done {
  text-decoration: line-through;
}

.problem {
  color: var(--no);
}
</style>
