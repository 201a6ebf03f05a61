<script setup lang="ts">
import { computed } from 'vue'
import type { Plan } from '@/api/client'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'

/** What would be chosen for a ticket as it is typed, in one line. */
const props = defineProps<{ plan: Plan | null }>()
const weighed = computed(() => props.plan?.decorations[0] ?? null)
const option = computed(() => weighed.value?.options[0] ?? null)
</script>

<template>
  <p v-if="weighed && option" class="first" role="status">
    {{ $t('intake.first', { n: weighed.options.length }) }} <b>{{ option.name }}</b>,
    <TemperatureValue :celsius="option.recipe.setting.dial.value" />,
    <TimeValue :seconds="option.recipe.setting.time.value" />
  </p>
</template>
