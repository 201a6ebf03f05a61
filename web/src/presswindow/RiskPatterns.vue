<script setup lang="ts">
/** The patterns of the map and of its legend: dots for Hold, slanted lines for Bleed, crossed ones for Mark; denser where it does go wrong. */
defineProps<{ prefix: string }>()
</script>

<template>
  <defs>
    <pattern :id="`${prefix}hold-may`" width="10" height="10" patternUnits="userSpaceOnUse">
      <circle cx="3" cy="3" r="1.1" class="hold" />
      <circle cx="8" cy="8" r="1.1" class="hold" />
    </pattern>
    <pattern :id="`${prefix}hold-does`" width="7" height="7" patternUnits="userSpaceOnUse">
      <rect width="7" height="7" class="hold-ground" />
      <circle cx="2" cy="2" r="1.5" class="hold" />
      <circle cx="5.5" cy="5.5" r="1.5" class="hold" />
    </pattern>
    <pattern
      :id="`${prefix}bleed-may`"
      width="11"
      height="11"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <rect width="2" height="11" class="bleed" />
    </pattern>
    <pattern
      :id="`${prefix}bleed-does`"
      width="9"
      height="9"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <rect width="9" height="9" class="bleed-ground" />
      <rect width="4" height="9" class="bleed" />
    </pattern>
    <pattern :id="`${prefix}mark-may`" width="14" height="14" patternUnits="userSpaceOnUse">
      <path d="M0 0L14 14M14 0L0 14" class="mark" />
    </pattern>
    <pattern :id="`${prefix}mark-does`" width="9" height="9" patternUnits="userSpaceOnUse">
      <rect width="9" height="9" class="mark-ground" />
      <path d="M0 0L9 9M9 0L0 9" class="mark strong" />
    </pattern>
  </defs>
</template>

<style scoped>
.hold {
  fill: var(--slate);
}

.hold-ground {
  fill: var(--map-cool);
}

.bleed {
  fill: var(--tight);
  opacity: 0.75;
}

.bleed-ground {
  fill: var(--tight-band);
}

.mark {
  fill: none;
  stroke: var(--no);
  stroke-width: 0.9;
}

.mark.strong {
  stroke-width: 1.4;
}

.mark-ground {
  fill: var(--no-band);
}
</style>
