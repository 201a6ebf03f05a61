<script setup lang="ts">
import type { Term } from './terms'

/** A term with a dotted line: pointed at, tapped or reached by Tab, it says what it means. */
defineProps<{ of: Term }>()
</script>

<template>
  <a-popover :trigger="['hover', 'focus', 'click']" placement="bottomLeft">
    <template #content>
      <p class="means">{{ $t(`term.${of}.means`) }}</p>
      <RouterLink class="all" :to="{ name: 'terms', hash: `#${of}` }">{{ $t('term.all') }}</RouterLink>
    </template>
    <button type="button" class="term" :aria-description="$t(`term.${of}.means`)">
      <slot>{{ $t(`term.${of}.name`) }}</slot>
    </button>
  </a-popover>
</template>

<style scoped>
.term {
  padding: 0;
  border: 0;
  border-bottom: 1px dotted var(--muted);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: help;
}

.means {
  max-width: 320px;
}

.all {
  font-size: var(--type-fine);
}

@media print {
  .term {
    border: 0;
  }
}
</style>
