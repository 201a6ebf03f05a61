<script setup lang="ts" generic="T extends string | string[] | null">
import { computed } from 'vue'
import LabelledField from './LabelledField.vue'

/** A choice among the trade's terms; one that may be left out is cleared to nothing. */
const chosen = defineModel<T>({ required: true })
defineProps<{
  id: string
  label: string
  path?: string
  options: { value: string; label: string }[]
  multiple?: boolean
  optional?: boolean
  hint?: string
}>()
const value = computed({
  get: () => chosen.value ?? undefined,
  set: (now: T | undefined) => (chosen.value = now ?? (null as T)),
})
</script>

<template>
  <LabelledField :id="id" :label="label" :path="path" :empty="!optional && !multiple && value === undefined">
    <a-select
      :id="id"
      v-model:value="value"
      :options="options"
      :mode="multiple ? 'multiple' : undefined"
      :allow-clear="optional"
      :aria-label="label"
      :placeholder="hint"
      show-search
      option-filter-prop="label"
      class="full"
    />
  </LabelledField>
</template>
