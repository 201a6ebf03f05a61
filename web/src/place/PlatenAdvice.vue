<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, Schemas } from '@/api/client'
import { duration } from '@/quantity/format'
import { useVocabulary } from '@/speech/vocabulary'

/** How the platen comes down on one thing, in words. */
const props = defineProps<{ placed: Schemas['PlacedDecoration']; plan: Plan | null }>()
const { title } = useVocabulary()

const positions = computed(() => props.placed.placing.positions.length)
const seconds = computed(() => {
  const { decoration } = props.placed
  const weighed = props.plan?.decorations.find((one) => one.decoration === decoration)
  const option = weighed?.options.find(({ medium }) => medium === weighed.medium)
  const time = option ? duration(option.recipe.setting.time.value * positions.value) : null
  return time ? `${time.value} ${time.unit}` : ''
})
</script>

<template>
  <div class="advice">
    <h3 v-if="placed.press">
      {{ $t('place.platen', { press: placed.press }) }}:
      {{ positions > 1 ? $t('place.positions', { n: positions, seconds }) : $t('place.onePosition') }}
    </h3>
    <p v-if="placed.placing.way !== 'CLEAR'" class="way">{{ title('way', placed.placing.way) }}</p>
    <ul v-if="placed.placing.advice.length">
      <li v-for="say in placed.placing.advice" :key="say">{{ say }}</li>
    </ul>
    <p v-else-if="placed.press" class="muted">{{ $t('place.clear') }}</p>
    <p v-if="positions > 1 && !placed.placing.proven" class="muted">{{ $t('place.notFewest') }}</p>
  </div>
</template>

<style scoped>
h3 {
  font-size: var(--type-lead);
}

.way {
  font-weight: 600;
}

ul {
  padding-left: 18px;
}
</style>
