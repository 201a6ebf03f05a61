<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import type { GarmentForm } from '@/api/client'
import { answer, api } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import { useVocabulary } from '@/speech/vocabulary'

/** How the cloth got its colour; asked about where its fibres cannot have got it so. */
const dye = defineModel<GarmentForm['dye']>({ required: true })
const props = defineProps<{ labelText: string; depth: GarmentForm['depth'] }>()
const { options } = useVocabulary()
const label = refDebounced(
  computed(() => props.labelText.trim()),
  200,
)
const asked = computed(() => ({ label: label.value, dye: dye.value, depth: props.depth }))
const { data: questions } = useQuery({
  queryKey: ['dye', asked],
  queryFn: () => answer(api.GET('/api/labels/dye', { params: { query: asked.value } })),
  placeholderData: keepPreviousData,
  staleTime: Infinity,
})
</script>

<template>
  <div>
    <ChoiceField id="dye" v-model="dye" :label="$t('garment.dye')" :options="options('dye')" />
    <p v-for="question in questions ?? []" :key="question" class="question" aria-live="polite">
      {{ question }}
    </p>
  </div>
</template>

<style scoped>
.question {
  padding-top: 4px;
  color: var(--tight);
  font-size: var(--type-note);
}
</style>
