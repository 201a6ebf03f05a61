<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { helpOpen } from './help'
import { letterKeys } from './keys'

const route = useRoute()

const keys = computed(() => {
  const here: [string, string][] = []
  if (route.name === 'ticket') here.push(['1 – 5', 'stations'])
  if (route.name === 'ticket' && route.params.station === 'method') here.push(['T', 'take'])
  if (route.name === 'new-ticket' || (route.name === 'ticket' && route.params.station !== 'method'))
    here.push(['S', 'stack'])
  if (route.name === 'at-the-press') here.push(['Space', 'next'], ['P', 'pause'])
  if (route.name === 'at-the-press' || route.name === 'ticket') here.push(['L', 'log'])
  return [
    ...here,
    ['N', 'new'],
    ['U', 'units'],
    ['/', 'search'],
    ['Ctrl K', 'search'],
    ['?', 'help'],
    ['Esc', 'close'],
  ] as const
})
</script>

<template>
  <a-modal v-model:open="helpOpen" :title="$t('keys.title')" :footer="null" width="420px">
    <dl class="keys">
      <template v-for="[key, what] in keys" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ $t(`keys.${what}`) }}</dd>
      </template>
    </dl>
    <p class="terms">
      <RouterLink :to="{ name: 'terms' }" @click="helpOpen = false">{{ $t('keys.terms') }}</RouterLink>
    </p>
    <label class="letters">
      <a-switch v-model:checked="letterKeys" :aria-label="$t('keys.letters')" />
      <span>
        {{ $t('keys.letters') }}<br />
        <small class="muted">{{ $t('keys.lettersNote') }}</small>
      </span>
    </label>
  </a-modal>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 8px;
}

dd {
  margin: 0;
}

kbd {
  padding: 2px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  font-family: var(--figures);
}

.terms {
  padding-top: 14px;
}

.letters {
  display: flex;
  gap: 12px;
  margin-top: 16px;
}
</style>
