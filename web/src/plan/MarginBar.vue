<script setup lang="ts">
import type { Margin } from '@/api/client'

/** One of Hold, Mark and Bleed: a band with a mark in the zone of its word, and the word and figure in text. */
defineProps<{ margin: Margin; reason?: boolean }>()
const AT: Record<string, number> = { NO: 14, TIGHT: 46, SAFE: 104 }
</script>

<template>
  <div class="margin">
    <span class="question">{{ $t(`question.${margin.question}`) }}</span>
    <svg viewBox="0 0 140 16" preserveAspectRatio="none" aria-hidden="true">
      <rect x="0" y="4" width="28" height="8" class="no" />
      <rect x="28" y="4" width="36" height="8" class="tight" />
      <rect x="64" y="4" width="76" height="8" class="safe" />
      <rect :x="AT[margin.verdict]" y="0" width="4" height="16" rx="1" class="mark" />
    </svg>
    <span class="word" :class="margin.verdict.toLowerCase()">{{ margin.verdict.toLowerCase() }}</span>
    <span class="said">{{ margin.figure }}</span>
    <p v-if="reason" class="reason">
      {{ margin.reason }}
      <span class="by">{{ $t(margin.computed ? 'margin.computed' : 'margin.practice') }}</span>
    </p>
  </div>
</template>

<style scoped>
.margin {
  display: grid;
  grid-template-columns: 46px var(--bar-width, 140px) 42px 1fr;
  align-items: center;
  column-gap: 10px;
  font-size: 14px;
}

svg {
  width: 100%;
  height: 16px;
}

.question {
  font-weight: 600;
}

.word {
  font-weight: 600;
}

.word.safe {
  color: var(--safe);
}

.word.tight {
  color: var(--tight);
}

.word.no {
  color: var(--no);
}

.said {
  color: var(--muted);
  white-space: nowrap;
}

.reason {
  grid-column: 1 / -1;
  padding-bottom: 6px;
  color: var(--muted);
}

.by {
  padding: 0 6px;
  border: 1px solid var(--line);
  border-radius: 5px;
  font-size: 12px;
  white-space: nowrap;
}

rect.no {
  fill: var(--no-band);
}

rect.tight {
  fill: var(--tight-band);
}

rect.safe {
  fill: var(--safe-band);
}

rect.mark {
  fill: var(--ink);
}
</style>
