<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'

/** Asks the application every few seconds whether it is there, and says so when it is not. */
const { isError, refetch } = useQuery({
  queryKey: ['alive'],
  queryFn: async () => {
    const answer = await fetch('/actuator/health')
    if (!answer.ok) throw new Error(String(answer.status))
    return true
  },
  retry: 1,
  refetchInterval: (query) => (query.state.status === 'error' ? 2_000 : 15_000),
})
const away = computed(() => isError.value)
</script>

<template>
  <div v-if="away" role="alert" class="away">
    {{ $t('shell.offline') }}
    <button type="button" @click="refetch()">{{ $t('shell.retry') }}</button>
  </div>
</template>

<style scoped>
.away {
  padding: 8px 20px;
  background: var(--no);
  color: var(--on-no);
}

button {
  margin-left: 12px;
  border: 1px solid currentcolor;
  border-radius: 6px;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
</style>
