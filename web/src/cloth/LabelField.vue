<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import LabelledField from '@/form/LabelledField.vue'
import { useVocabulary } from '@/speech/vocabulary'

/** The label as it stands on the garment, read back while it is typed. */
const label = defineModel<string>({ required: true })
const { word } = useVocabulary()
const settled = refDebounced(
  computed(() => label.value.trim()),
  200,
)
const { data } = useQuery({
  queryKey: ['label', settled],
  queryFn: () => answer(api.GET('/api/labels/reading', { params: { query: { label: settled.value } } })),
  placeholderData: keepPreviousData,
  staleTime: Infinity,
})
const reading = computed(() => data.value)
</script>

<template>
  <LabelledField
    id="label"
    :label="$t('garment.label')"
    path="garment.label"
    :wrong="reading?.refusal ?? undefined"
  >
    <a-input
      id="label"
      v-model:value="label"
      :placeholder="$t('garment.labelHint')"
      aria-describedby="label-reading"
    />
    <p id="label-reading" class="reading" aria-live="polite">
      <template v-if="reading?.blend">
        <span v-for="share in reading.blend.shares" :key="share.fibre" class="share">
          {{ Math.round(share.percent * 10) / 10 }} % {{ word('fibre', share.fibre) }}
        </span>
        <span v-for="note in reading.notes" :key="note" class="note">{{ note }}</span>
      </template>
    </p>
  </LabelledField>
</template>

<style scoped>
.reading {
  min-height: 22px;
  padding-top: 4px;
  font-size: var(--type-note);
}

.share {
  display: inline-block;
  margin-right: 6px;
  padding: 0 9px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
}

.note {
  color: var(--tight);
}
</style>
