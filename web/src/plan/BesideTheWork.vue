<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import StackDrawer from './StackDrawer.vue'

/** What stands beside the work of a station; behind a button where the window is narrow. */
const wide = useMediaQuery('(min-width: 900px)')
</script>

<template>
  <aside v-if="wide" class="side" :aria-label="$t('ticket.stack')"><slot /></aside>
  <StackDrawer v-else><slot /></StackDrawer>
</template>

<style scoped>
.side {
  padding: 16px 20px;
  border-left: 1px solid var(--line);
  background: var(--sheet);
}
</style>
