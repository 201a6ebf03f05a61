<script setup lang="ts">
import { computed } from 'vue'
import TimeValue from '@/quantity/TimeValue.vue'
import type { CutAct } from './designs'

/** How a mat or a page is cut, act by act; weeding, which is much the same again and again, is folded away. */
const props = defineProps<{ acts: CutAct[]; title: string }>()
const FEW = 4
const cutting = computed(() => props.acts.filter(({ kind }) => kind !== 'WEED'))
const weeding = computed(() => props.acts.filter(({ kind }) => kind === 'WEED'))
const weedingSeconds = computed(() => weeding.value.reduce((sum, { seconds }) => sum + seconds, 0))
</script>

<template>
  <section class="acts" :aria-label="title">
    <h3>{{ title }}</h3>
    <ol>
      <li v-for="(act, n) in cutting" :key="n">
        {{ act.sentence }}
        <span v-if="act.seconds >= 1" class="muted"><TimeValue :seconds="Math.ceil(act.seconds)" /></span>
      </li>
    </ol>
    <details v-if="weeding.length" :open="weeding.length <= FEW">
      <summary>
        {{ $t('cut.weedAll', { n: weeding.length }) }}
        <span class="muted"><TimeValue :seconds="Math.ceil(weedingSeconds)" /></span>
      </summary>
      <ol :start="cutting.length + 1">
        <li v-for="(act, n) in weeding" :key="n">{{ act.sentence }}</li>
      </ol>
    </details>
  </section>
</template>

<style scoped>
.acts {
  padding: 8px 0;
}

ol {
  padding-left: 26px;
  line-height: 1.7;
}

summary {
  cursor: pointer;
}
</style>
