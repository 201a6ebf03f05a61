<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/api/client'
import { formOf } from '@/ticket/blankTicket'
import { useTicket } from '@/ticket/useTicket'
import StackDrawing from '@/stack/StackDrawing.vue'
import { unitsKey } from '@/quantity/units'
import QueryState from '@/shell/QueryState.vue'
import type { Trial } from '@/presswindow/useTrial'
import CameOf from './CameOf.vue'
import PiecePanel from './PiecePanel.vue'
import PressPanel from './PressPanel.vue'
import { usePractice } from './usePractice'

/** A simulated press, garments to practise on, and what came of them. */
const route = useRoute()
const asText = (value: unknown) => (typeof value === 'string' ? value : undefined)
const ticketId = asText(route.query.ticket)
const thing = asText(route.query.thing)
const { data: ticket, error: noTicket } = useTicket(ref(ticketId))
const trial = computed<Trial | null>(() => {
  const one = ticket.value?.decorations.find(({ id }) => id === thing)
  return ticket.value && one?.medium
    ? { ticket: formOf(ticket.value), decoration: one.id, medium: one.medium }
    : null
})
const OWN = 'own'
const {
  data: pieces,
  isPending,
  error,
  refetch,
} = useQuery({
  queryKey: ['practice', 'pieces', unitsKey],
  queryFn: () => answer(api.GET('/api/practice/pieces')),
  staleTime: Infinity,
})
const { data: own, error: notOwn } = useQuery({
  queryKey: ['practice', 'piece', trial, unitsKey],
  queryFn: () => answer(api.POST('/api/practice/piece', { body: trial.value! })),
  enabled: computed(() => trial.value !== null),
})
const refused = computed(() => (noTicket.value ?? notOwn.value)?.message)
const all = computed(() => [...(own.value ? [own.value] : []), ...(pieces.value ?? [])])
const wanted = ref<string>(ticketId ? OWN : 'tee')
const piece = computed(
  () => all.value.find(({ key }) => (key ?? OWN) === wanted.value) ?? all.value[0] ?? null,
)
/** The first of the list where what was wanted is not there. */
const chosen = computed({
  get: () => piece.value?.key ?? OWN,
  set: (key: string) => (wanted.value = key),
})
const choices = computed(() => all.value.map(({ key, name }) => ({ value: key ?? OWN, label: name })))

const place = ticketId ? `practice ${ticketId} ${thing}` : 'practice'
const shift = usePractice(trial, place)
const { busy, outcome } = shift
</script>

<template>
  <main id="work" class="view">
    <div class="view-head">
      <h1>{{ $t('practice.title') }}</h1>
      <span class="muted">{{ $t('practice.intro') }}</span>
      <span class="actions">
        <RouterLink v-if="ticketId" :to="{ name: 'ticket', params: { id: ticketId, station: 'press' } }">{{
          $t('practice.back')
        }}</RouterLink>
      </span>
    </div>
    <p v-if="refused" class="wrong" role="alert">{{ refused }} {{ $t('practice.piecesInstead') }}</p>
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <div v-if="piece" class="room">
        <div class="work">
          <PressPanel :shift="shift" />
          <PiecePanel v-model="chosen" :shift="shift" :piece="piece" :choices="choices" :place="place" />
          <p class="muted small">{{ $t('practice.caution') }}</p>
        </div>
        <aside class="side" :aria-label="$t('practice.cameTitle')">
          <h2>{{ $t('ticket.stack') }}</h2>
          <StackDrawing
            :stack="outcome?.stack ?? piece.stack"
            :depth="piece.depth"
            :hue="piece.hue"
            :height="230"
          />
          <p v-if="busy" class="muted">{{ $t('practice.wait') }}</p>
          <CameOf v-else-if="outcome" :pressed="outcome" />
          <p v-else class="muted">{{ $t('practice.nothingYet') }}</p>
        </aside>
      </div>
    </QueryState>
  </main>
</template>

<style scoped>
.room {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 20px;
}

@media (max-width: 900px) {
  .room {
    grid-template-columns: minmax(0, 1fr);
  }
}

.work {
  display: grid;
  align-content: start;
  gap: 14px;
}

.wrong {
  color: var(--no);
}

.small {
  font-size: var(--type-fine);
}

.side {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: start;
  gap: 8px;
}
</style>
