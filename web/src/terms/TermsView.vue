<script setup lang="ts">
import { TERMS } from './terms'
</script>

<template>
  <main id="work" class="view">
    <div class="view-head">
      <h1>{{ $t('term.title') }}</h1>
      <span class="muted">{{ $t('term.intro') }}</span>
    </div>
    <dl class="sheet terms">
      <div v-for="term in TERMS" :id="term" :key="term">
        <dt>{{ $t(`term.${term}.name`) }}</dt>
        <dd>{{ $t(`term.${term}.means`) }}</dd>
      </div>
    </dl>
  </main>
</template>

<style scoped>
.terms {
  margin: 0;
  padding: 8px 20px;
}

.terms > div {
  display: grid;
  grid-template-columns: 180px minmax(0, 1fr);
  gap: 16px;
  padding: 9px 0;
  border-bottom: 1px solid var(--line);
}

.terms > div:last-child {
  border-bottom: 0;
}

.terms > div:target {
  background: var(--mind-ground);
}

dt {
  font-weight: 600;
}

dd {
  margin: 0;
}
</style>
