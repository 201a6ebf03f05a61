<script setup lang="ts">
import { useHealth } from './useHealth'

/** Says what is wrong with the application as a whole, until it is well again. */
const { trouble, askAgain } = useHealth()
</script>

<template>
  <div v-if="trouble" role="alert" class="away">
    {{ $t(`shell.${trouble}`) }}
    <button type="button" @click="askAgain()">{{ $t('shell.retry') }}</button>
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
