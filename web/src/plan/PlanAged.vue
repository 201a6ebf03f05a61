<script setup lang="ts">
import { computed } from 'vue'
import { useSince } from './useSince'

/** That a plan stands on what was known when it was made, and what is different since; nothing while nothing is. */
const props = defineProps<{
  ticketId: string
  /** Whether the ticket is as it was planned. */
  current: boolean
}>()
const { data } = useSince(() => props.ticketId)
const lines = computed(() => data.value ?? [])
</script>

<template>
  <div v-if="data && (lines.length || !current)" class="aged" role="alert">
    <strong>{{ $t(lines.length ? 'planAged.title' : 'planAged.ticket') }}</strong>
    <ul v-if="lines.length">
      <li v-for="line in lines" :key="line">{{ line }}</li>
    </ul>
    <slot />
  </div>
</template>

<style scoped>
.aged {
  padding: 8px 14px;
  background: var(--tight-ground);
}

ul {
  padding-left: 20px;
}
</style>
