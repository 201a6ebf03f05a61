<script setup lang="ts">
import { computed } from 'vue'
import type { Margin } from '@/api/client'
import { OF_QUESTION } from '@/terms/terms'
import TermWord from '@/terms/TermWord.vue'

/**
 * One of Hold, Mark and Bleed to scale: a mark where nine of ten presses stand, a pale band up to where half of them do, and the word
 * and figure in text. Where practice speaks without a number, the mark is hollow, in the middle of its word's zone.
 */
const props = defineProps<{
  margin: Margin
  reason?: boolean
  /** Says what the question means, where it is not said beside it already. */
  explain?: boolean
}>()
const WIDE = 140
const MIDDLE: Record<string, number> = { NO: 0.125, TIGHT: 0.375, SAFE: 0.75 }
/** The mark stays whole at both ends. */
const place = (at: number) => 2 + at * (WIDE - 4)
const pointer = computed(() => {
  const { pointer, verdict } = props.margin
  const at = place(pointer?.at ?? MIDDLE[verdict]!)
  return { at, to: place(pointer?.likeliest ?? MIDDLE[verdict]!), told: pointer !== null }
})
</script>

<template>
  <div class="margin">
    <span class="question">
      <TermWord
        v-if="(reason || explain) && OF_QUESTION[margin.question]"
        :of="OF_QUESTION[margin.question]!"
        >{{ $t(`question.${margin.question}`) }}</TermWord
      >
      <template v-else>{{ $t(`question.${margin.question}`) }}</template>
    </span>
    <svg viewBox="0 0 140 16" preserveAspectRatio="none" aria-hidden="true">
      <rect x="0" y="4" width="35" height="8" class="no" />
      <rect x="35" y="4" width="35" height="8" class="tight" />
      <rect x="70" y="4" width="70" height="8" class="safe" />
      <rect :x="pointer.at" y="2" :width="pointer.to - pointer.at" height="12" rx="3" class="spread" />
      <rect
        :x="pointer.at - 2"
        y="0"
        width="4"
        height="16"
        rx="1"
        class="mark"
        :class="{ hollow: !pointer.told }"
      />
    </svg>
    <span class="word" :class="margin.verdict.toLowerCase()">{{ margin.verdict.toLowerCase() }}</span>
    <span class="said">{{ margin.figure }}</span>
    <p v-if="reason" class="reason">
      {{ margin.reason }}
      <span v-if="!margin.computed" class="by">{{ $t('margin.practice') }}</span>
    </p>
  </div>
</template>

<style scoped>
.margin {
  display: grid;
  grid-template-columns: 46px var(--bar-width, 140px) 42px 1fr;
  align-items: center;
  column-gap: 10px;
  font-size: var(--type-note);
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
  font-size: var(--type-small);
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

.spread {
  fill: var(--ink);
  opacity: 0.28;
}

.mark {
  fill: var(--ink);
}

.hollow {
  fill: var(--sheet);
  stroke: var(--ink);
}
</style>
