<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, defineAsyncComponent } from 'vue'

const StackDrawer = defineAsyncComponent(() => import('./StackDrawer.vue'))

/**
 * What stands beside the work of a station: the thing itself, or the Stack. Where the window is narrow the thing comes
 * first, and the Stack waits behind a button.
 */
const props = defineProps<{
  thing: boolean
  /** What the thing is called. */
  name: string
}>()
const wide = useMediaQuery('(min-width: 900px)')
const stack = computed(() => wide.value && !props.thing)
</script>

<template>
  <aside
    v-show="wide || thing"
    class="side"
    :class="{ first: !wide }"
    :aria-label="thing ? name : $t('ticket.stack')"
  >
    <div class="stays">
      <slot v-if="thing" name="thing" />
      <div v-show="thing" id="beside"></div>
      <slot v-if="stack" />
    </div>
  </aside>
  <StackDrawer v-if="!wide && !thing"><slot /></StackDrawer>
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
