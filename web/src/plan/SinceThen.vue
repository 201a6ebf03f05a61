<script setup lang="ts">
import { useSince } from './useSince'

/** What is different since a job was last planned. */
const props = defineProps<{ ticketId: string; name: string }>()
const { data } = useSince(() => props.ticketId)
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
