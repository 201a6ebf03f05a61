<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive } from 'vue'
import { answer, api, type TicketView } from '@/api/client'
import { unitsKey } from '@/quantity/units'

/** The pieces of a roster, to be ticked off as they are done. */
const props = defineProps<{ ticket: TicketView }>()
const client = useQueryClient()
/** What was ticked and is on its way: shown as it was meant, until it is answered. */
const meant = reactive(new Map<number, boolean>())
const isDone = (entry: number) => meant.get(entry) ?? props.ticket.rosterPieces[entry]?.done ?? false
const done = computed(() => props.ticket.rosterPieces.filter((_, entry) => isDone(entry)).length)

const { mutate, error } = useMutation({
  // One after the other, so that the last answer knows all of them.
  scope: { id: `ticks ${props.ticket.id}` },
  mutationFn: ({ entry, tick }: { entry: number; tick: boolean }) => {
    const params = { path: { id: props.ticket.id, entry } }
    return answer(
      tick
        ? api.PUT('/api/tickets/{id}/roster/{entry}/done', { params })
        : api.DELETE('/api/tickets/{id}/roster/{entry}/done', { params }),
    )
  },
  onSuccess: (ticket) => client.setQueryData(['ticket', ticket.id, unitsKey.value], ticket),
  onSettled: (_ticket, _error, { entry, tick }) => {
    if (meant.get(entry) === tick) meant.delete(entry)
  },
})

function turn(entry: number) {
  const tick = !isDone(entry)
  meant.set(entry, tick)
  mutate({ entry, tick })
}
</script>

<template>
  <section class="ticks">
    <h3>{{ $t('roster.tick') }}</h3>
    <p class="muted" role="status">{{ $t('roster.ticked', { done, of: ticket.roster.length }) }}</p>
    <p v-if="error" role="alert" class="problem">{{ error.message }}</p>
    <ul>
      <li v-for="(entry, n) in ticket.roster" :key="n" :class="{ done: isDone(n) }">
        <a-checkbox :checked="isDone(n)" @change="turn(n)">{{
          [entry.number, entry.name, entry.size].filter(Boolean).join(' · ')
        }}</a-checkbox>
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
