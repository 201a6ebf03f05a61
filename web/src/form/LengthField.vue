<script setup lang="ts" generic="T extends number | null">
import { computed } from 'vue'
import { lengthIn, toMillimetres } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import NumberField from './NumberField.vue'

/** A length that is typed in the maker's unit and kept in millimetres; so are its limits. */
const millimetres = defineModel<T>({ required: true })
defineProps<{
  id: string
  label: string
  path?: string
  min: number
  max: number
  optional?: boolean
  placeholder?: string
}>()
const { length } = useUnits()

const shown = computed({
  get: () => (millimetres.value === null ? null : lengthIn(millimetres.value, length.value)),
  set: (value: number | null) =>
    (millimetres.value = (value === null ? null : toMillimetres(value, length.value)) as T),
})
</script>

<template>
  <NumberField
    :id="id"
    v-model="shown"
    :label="label"
    :path="path"
    :min="lengthIn(min, length)"
    :max="lengthIn(max, length)"
    :unit="length === 'inch' ? 'in' : 'mm'"
    :optional="optional"
    :placeholder="placeholder"
  />
</template>
