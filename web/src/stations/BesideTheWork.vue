<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import StackDrawer from './StackDrawer.vue'

/** What stands beside the work of a station. Where the window is narrow the thing itself comes first, and the Stack behind a button. */
defineProps<{ thing: boolean }>()
const wide = useMediaQuery('(min-width: 900px)')
</script>

<template>
  <aside
    v-if="wide || thing"
    class="side"
    :class="{ first: !wide }"
    :aria-label="$t(thing ? 'place.title' : 'ticket.stack')"
  >
    <slot />
  </aside>
  <StackDrawer v-else><slot /></StackDrawer>
</template>

<style scoped>
.side {
  padding: 16px 20px;
  border-left: 1px solid var(--line);
  background: var(--sheet);
}

.first {
  order: -1;
  border-bottom: 1px solid var(--line);
  border-left: 0;
}
</style>
