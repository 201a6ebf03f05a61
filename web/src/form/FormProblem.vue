<script setup lang="ts">
import { useRest } from './fields'

/** What the server said of the form as a whole. */
const rest = useRest()
</script>

<template>
  <p v-if="rest" role="alert" class="problem">{{ rest }}</p>
</template>

<style scoped>
.problem {
  padding: 10px 14px;
  border-left: 4px solid var(--no);
  background: var(--no-ground);
}
</style>
