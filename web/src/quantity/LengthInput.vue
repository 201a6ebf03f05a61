<script setup lang="ts">
import { computed } from 'vue'
import { lengthIn, toMillimetres } from './format'
import { useUnits } from './units'

/** A length that is typed in the maker's unit and kept in millimetres. */
const millimetres = defineModel<number | null>({ required: true })
defineProps<{ id: string; min?: number; max?: number }>()
const { length } = useUnits()

const shown = computed({
  get: () => (millimetres.value === null ? undefined : lengthIn(millimetres.value, length.value)),
  set: (value: number | null | undefined) => {
    millimetres.value = value === null || value === undefined ? null : toMillimetres(value, length.value)
  },
})
const bound = (limit: number | undefined) => (limit === undefined ? undefined : lengthIn(limit, length.value))
</script>

<template>
  <a-input-number
    :id="id"
    v-model:value="shown"
    :min="bound(min)"
    :max="bound(max)"
    :addon-after="length === 'inch' ? 'in' : 'mm'"
    style="width: 100%"
  />
</template>
