<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, defineAsyncComponent } from 'vue'
import { openTicket } from './openTicket'
import ThingHead from './ThingHead.vue'
import TicketStack from './TicketStack.vue'

const StackDrawer = defineAsyncComponent(() => import('./StackDrawer.vue'))

/**
 * What stands beside the work of a station: the thing itself, or the Stack. Where the window is narrow the thing comes
 * first, and the Stack waits behind a button.
 */
const { form, aside, beside, stackWanted } = openTicket()
const wide = useMediaQuery('(min-width: 900px)')
/** Nothing is drawn of a ticket that is still being read. */
const stack = computed(() => form.value && wide.value && !beside.value)
</script>

<template>
  <aside
    v-show="wide || beside"
    class="side"
    :class="{ first: !wide }"
    :aria-label="(beside && aside.thing) || $t('ticket.stack')"
  >
    <div class="stays">
      <ThingHead v-if="beside && aside.thing" :title="aside.thing" @stack="stackWanted = true" />
      <div v-show="beside" id="beside"></div>
      <TicketStack v-if="stack" />
    </div>
  </aside>
  <StackDrawer v-if="form && !wide && !beside"><TicketStack /></StackDrawer>
</template>

<style scoped>
.side {
  min-width: 0;
  padding: 16px 20px;
  border-left: 1px solid var(--line);
  background: var(--sheet);
}

/* It stays in sight while the work goes on beside it. */
.stays {
  position: sticky;
  top: 16px;
  overflow-y: auto;
  max-height: calc(100vh - 32px);
}

.first .stays {
  position: static;
  max-height: none;
}

.first {
  order: -1;
  border-bottom: 1px solid var(--line);
  border-left: 0;
}
</style>
