<script setup lang="ts">
import { useTemplateRef } from 'vue'
import type { Schemas } from '@/api/client'

/** The one thing that is asked next, with answers that are put behind the order. */
defineProps<{ question: Schemas['NextQuestion'] }>()
defineEmits<{ answer: [words: string]; later: [] }>()
const card = useTemplateRef<HTMLElement>('card')
defineExpose({ focus: () => card.value?.querySelector<HTMLElement>('button')?.focus() })
</script>

<template>
  <section ref="card" class="sheet question" aria-labelledby="question" aria-live="polite">
    <h3 id="question">{{ question.ask }}</h3>
    <p>{{ question.why }}</p>
    <p class="answers">
      <a-button v-for="words in question.answers" :key="words" @click="$emit('answer', words)">{{
        words
      }}</a-button>
      <a-button v-if="!question.needed" type="text" @click="$emit('later')">{{
        $t('intake.later')
      }}</a-button>
    </p>
  </section>
</template>

<style scoped>
.question {
  padding: 12px 16px 14px;
}

.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-top: 10px;
}
</style>
