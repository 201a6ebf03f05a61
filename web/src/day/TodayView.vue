<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import dayjs from 'dayjs'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { viewOf } from '@/ticket/stations'
import TicketLine from '@/ticket/TicketLine.vue'
import { capital } from '@/quantity/format'
import { when } from '@/quantity/when'
import RoundOffer from '@/round/RoundOffer.vue'
import QueryState from '@/shell/QueryState.vue'

const { data, isPending, error, refetch } = useQuery({
  queryKey: ['today'],
  queryFn: () => answer(api.GET('/api/today')),
  refetchInterval: 60_000,
})
const due = computed(() => data.value?.due.items ?? [])
const pieces = computed(() => due.value.reduce((sum, ticket) => sum + ticket.pieces, 0))
const dayName = computed(() => dayjs(data.value?.now).format('dddd'))
const PLANNED: string[] = ['CUT', 'PRESS', 'CHECK']
/** The round goes through the first ticket that is planned. */
const round = computed(() => due.value.find(({ station }) => PLANNED.includes(station))?.id)
const free = (until: string) => dayjs(until).isBefore(data.value?.now)
</script>

<template>
  <main id="work" class="view">
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <div class="view-head">
        <h1>{{ $t('today.title', { day: dayName }) }}</h1>
        <span v-if="data" class="muted">{{ $t('today.summary', { tickets: data.due.total, pieces }) }}</span>
        <span class="actions">
          <RouterLink
            v-if="due[0]"
            :to="{ name: 'ticket', params: { id: due[0].id, station: viewOf(due[0].station) } }"
            custom
          >
            <template #default="{ navigate }">
              <a-button type="primary" size="large" @click="navigate()">{{ $t('today.next') }}</a-button>
            </template>
          </RouterLink>
          <RouterLink :to="{ name: 'new-ticket' }" custom>
            <template #default="{ navigate }">
              <a-button size="large" :type="due[0] ? 'default' : 'primary'" @click="navigate()">
                {{ $t('tickets.new') }}
              </a-button>
            </template>
          </RouterLink>
        </span>
      </div>
      <RoundOffer v-if="round" :ticket-id="round" />
      <div class="day">
        <section class="sheet" aria-labelledby="due">
          <h2 id="due">{{ $t('today.due') }}</h2>
          <p v-if="due.length === 0" class="empty">{{ $t('today.nothing') }} {{ $t('today.first') }}</p>
          <ul v-else class="lines">
            <TicketLine v-for="ticket in due" :key="ticket.id" :ticket="ticket" :now="data?.now" />
          </ul>
        </section>
        <section class="sheet" aria-labelledby="kept">
          <h2 id="kept">{{ $t('today.keepBack') }}</h2>
          <p v-if="!data?.keptBack.length" class="empty">{{ $t('today.keepBackNone') }}</p>
          <ul v-else class="lines">
            <li v-for="kept in data.keptBack" :key="kept.ticketId + kept.until" class="kept">
              <RouterLink :to="{ name: 'ticket', params: { id: kept.ticketId, station: 'check' } }">
                {{ kept.name }}
              </RouterLink>
              <span>
                {{ kept.title }}: {{ $t('today.pieces', { n: kept.pieces }) }}, {{ capital(kept.medium)
                }}<br />
                <span class="muted">
                  {{
                    $t(free(kept.until) ? 'today.free' : 'today.until', { when: when(kept.until, data?.now) })
                  }}
                </span>
              </span>
            </li>
          </ul>
          <p v-if="data?.keptBack.length" class="muted look">{{ $t('today.look') }}</p>
        </section>
      </div>
    </QueryState>
  </main>
</template>

<style scoped>
.day {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(300px, 1fr);
  align-items: start;
  gap: 16px;
}

.sheet {
  padding: 16px 20px;
}

.actions {
  display: flex;
  gap: 12px;
}

.lines {
  padding: 0;
  list-style: none;
}

.kept {
  display: grid;
  grid-template-columns: 70px 1fr;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}

.kept a {
  font: 600 var(--type-lead) var(--figures);
}

.empty {
  padding: 14px 0;
}

.look {
  padding-top: 8px;
}

@media (max-width: 900px) {
  .day {
    grid-template-columns: 1fr;
  }
}
</style>
