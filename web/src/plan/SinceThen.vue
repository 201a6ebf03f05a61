<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { unitsKey } from '@/quantity/units'

/** What is different since a job was last planned. */
const props = defineProps<{ ticketId: string; name: string }>()
const { data } = useQuery({
  queryKey: computed(() => ['since', props.ticketId, unitsKey.value]),
  queryFn: () =>
    answer(api.GET('/api/tickets/{ticketId}/since', { params: { path: { ticketId: props.ticketId } } })),
})
</script>

<template>
  <div v-if="data" class="since" role="status">
    <strong>{{ $t('ticket.repeats', { name }) }}</strong>
    <span v-if="!data.length"> {{ $t('ticket.sinceNothing') }}</span>
    <ul v-else>
      <li v-for="line in data" :key="line">{{ line }}</li>
    </ul>
  </div>
</template>

<style scoped>
.since {
  padding: 8px 20px;
  background: var(--tight-ground);
}
</style>
