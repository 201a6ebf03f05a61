<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, type Schemas } from '@/api/client'
import { zone } from '@/exchange/file'
import OrdersIn from '@/exchange/OrdersIn.vue'
import TicketIn from '@/exchange/TicketIn.vue'
import QueryState from '@/shell/QueryState.vue'
import TicketLine from '@/ticket/TicketLine.vue'

const SIZE = 20
const NAMES = ['METHOD', 'CUT', 'PRESS', 'CHECK', 'DONE'] as const

const route = useRoute()
const router = useRouter()
const search = computed(() => String(route.query.search ?? ''))
const station = computed(() => NAMES.find((name) => name === route.query.station))
const page = computed(() => Math.max(1, Number(route.query.page ?? 1) || 1))

const { data, isPending, error, refetch } = useQuery({
  queryKey: ['tickets', search, station, page],
  queryFn: () =>
    answer(
      api.GET('/api/tickets', {
        params: {
          query: { search: search.value, station: station.value, page: page.value - 1, size: SIZE },
        },
      }),
    ),
  placeholderData: keepPreviousData,
})
const items = computed<Schemas['TicketSummary'][]>(() => data.value?.items ?? [])

function show(change: Record<string, string | undefined>) {
  void router.push({ query: { ...route.query, page: undefined, ...change } })
}
</script>

<template>
  <main id="work" class="view">
    <div class="view-head">
      <h1>{{ $t('tickets.title') }}</h1>
      <span v-if="data" class="muted">{{ $t('tickets.found', { n: data.total }) }}</span>
      <span v-if="search" class="chip">
        “{{ search }}”
        <a-button size="small" @click="show({ search: undefined })">{{ $t('tickets.clear') }}</a-button>
      </span>
      <span class="actions">
        <OrdersIn />
        <TicketIn />
        <a-button :href="`/api/orders/orders.csv?zone=${encodeURIComponent(zone())}`" download>{{
          $t('exchange.ordersOut')
        }}</a-button>
        <a-button type="primary" size="large" @click="router.push({ name: 'new-ticket' })">
          {{ $t('tickets.new') }}
        </a-button>
      </span>
    </div>
    <div class="stations" role="group" :aria-label="$t('station.label')">
      <a-button
        :type="station ? 'text' : 'default'"
        :aria-pressed="!station"
        @click="show({ station: undefined })"
      >
        {{ $t('tickets.all') }}
      </a-button>
      <a-button
        v-for="name in NAMES"
        :key="name"
        :type="station === name ? 'default' : 'text'"
        :aria-pressed="station === name"
        @click="show({ station: name })"
      >
        {{ $t(`station.${name}`) }}
      </a-button>
    </div>
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <p v-if="items.length === 0" class="sheet empty">
        {{ $t(search || station ? 'tickets.none' : 'tickets.empty') }}
      </p>
      <ul v-else class="sheet lines">
        <TicketLine v-for="ticket in items" :key="ticket.id" :ticket="ticket" />
      </ul>
      <a-pagination
        v-if="data && data.total > SIZE"
        class="pages"
        :current="page"
        :total="data.total"
        :page-size="SIZE"
        :show-size-changer="false"
        @change="(to: number) => show({ page: String(to) })"
      />
    </QueryState>
  </main>
</template>

<style scoped>
.stations {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  padding-bottom: 10px;
}

.lines {
  padding: 4px 20px;
  list-style: none;
}

.lines > :first-child {
  border-top: 0;
}

.empty {
  padding: 20px;
}

.pages {
  padding-top: 14px;
}
</style>
