<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { nextTick, useTemplateRef, watch } from 'vue'
import { STOPS, useRound } from './useRound'

/** What the round says where it stops. It covers nothing that it speaks of, and never holds the keys. */
const { stop, at, move, leave } = useRound()
const panel = useTemplateRef<HTMLElement>('panel')
watch(
  stop,
  async (now) => {
    if (!now) return
    await nextTick()
    panel.value?.focus()
  },
  { immediate: true },
)
onKeyStroke('Escape', () => {
  if (stop.value) leave()
})
</script>

<template>
  <section
    v-if="stop"
    ref="panel"
    class="round no-print"
    role="region"
    tabindex="-1"
    :aria-label="$t('round.title')"
  >
    <p class="where muted">{{ $t('round.stop', { n: at + 1, of: STOPS.length }) }}</p>
    <h2>{{ $t(`round.${stop}.title`) }}</h2>
    <p>{{ $t(`round.${stop}.says`) }}</p>
    <p class="buttons">
      <a-button v-if="at > 0" @click="move(-1)">{{ $t('round.back') }}</a-button>
      <a-button type="primary" @click="move(1)">{{
        $t(at + 1 < STOPS.length ? 'round.next' : 'round.end')
      }}</a-button>
      <a-button type="text" @click="leave">{{ $t('round.leave') }}</a-button>
    </p>
  </section>
</template>

<style scoped>
.round {
  position: fixed;
  z-index: 50;
  bottom: 16px;
  left: 20px;
  box-sizing: border-box;
  width: 400px;
  max-width: calc(100vw - 40px);
  padding: 14px 18px;
  border: 2px solid var(--chosen);
  border-radius: 10px;
  background: var(--sheet);
  box-shadow: 0 8px 28px var(--shade);
}

.round:focus {
  outline: none;
}

.where {
  font-size: var(--type-fine);
}

.buttons {
  display: flex;
  gap: 8px;
  padding-top: 12px;
}
</style>
