<script setup lang="ts">
import { computed, defineAsyncComponent, type Component } from 'vue'
import { useRoute } from 'vue-router'
import SinceThen from '@/plan/SinceThen.vue'
import { useKey } from '@/shell/keys'
import QueryState from '@/shell/QueryState.vue'
import { STATIONS, type StationName } from '@/ticket/stations'
import BesideTheWork from './BesideTheWork.vue'
import GarmentStation from './GarmentStation.vue'
import { useOpenTicket } from './openTicket'
import TicketHead from './TicketHead.vue'

/** What a new ticket does not need comes when it is gone to. */
const VIEWS: Record<StationName, Component> = {
  garment: GarmentStation,
  method: defineAsyncComponent(() => import('./MethodStation.vue')),
  cut: defineAsyncComponent(() => import('./CutStation.vue')),
  press: defineAsyncComponent(() => import('./PressStation.vue')),
  check: defineAsyncComponent(() => import('./CheckStation.vue')),
}

/** One ticket on its way through the stations. */
const route = useRoute()
const ticketId = computed(() => (route.name === 'new-ticket' ? undefined : (route.params.id as string)))
const station = computed<StationName>(() =>
  ticketId.value ? (route.params.station as StationName) || 'garment' : 'garment',
)
const open = useOpenTicket(ticketId, station)
const { form, ticket, isPending, error, refetch, dirty, restored, stale, load, drop, repeats } = open
const { aside, stackWanted, go } = open

STATIONS.forEach((name, index) => useKey(String(index + 1), () => go(name)))
useKey('l', () => go('check'))
useKey('s', () => {
  if (aside.thing) stackWanted.value = !stackWanted.value
})
</script>

<template>
  <div class="ticket">
    <TicketHead :ticket="ticket ?? null" :form="form" :station="station" :ticket-id="ticketId" />
    <div v-if="stale" role="alert" class="notice stale">
      {{ $t('ticket.stale') }} <a-button size="small" @click="load">{{ $t('ticket.load') }}</a-button>
    </div>
    <div v-else-if="dirty && restored" class="notice" role="status">
      {{ $t('ticket.draft') }} <a-button size="small" @click="drop">{{ $t('ticket.drop') }}</a-button>
    </div>
    <SinceThen v-if="repeats" :ticket-id="repeats.id" :name="repeats.name" />
    <div class="body" :class="{ thing: aside.thing }">
      <main id="work" class="work">
        <QueryState
          :loading="(ticketId !== undefined && isPending) || (!form && !error)"
          :error="error"
          @retry="refetch"
        >
          <component :is="VIEWS[station]" v-if="form" />
        </QueryState>
      </main>
      <BesideTheWork />
    </div>
  </div>
</template>

<style scoped>
.ticket {
  display: flex;
  flex-direction: column;
  min-height: calc(100vh - var(--bar));
}

.notice {
  padding: 6px 20px;
  background: var(--tight-ground);
}

.stale {
  background: var(--no-band);
}

.body {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, 1fr) minmax(380px, 40%);
}

.body.thing {
  grid-template-columns: minmax(0, 1fr) minmax(400px, 48%);
}

.work {
  padding: 16px 20px 32px;
}

@media (max-width: 899px) {
  .body,
  .body.thing {
    grid-template-columns: 1fr;
  }
}
</style>
