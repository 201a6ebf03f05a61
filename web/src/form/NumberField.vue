<script setup lang="ts" generic="T extends number | null">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import LabelledField from './LabelledField.vue'

/** A number. What is out of its range stays as it was typed, and is said. */
const number = defineModel<T>({ required: true })
const props = defineProps<{
  id: string
  label: string
  path?: string
  min: number
  max: number
  unit?: string
  whole?: boolean
  disabled?: boolean
  /** Whether it may be left out. */
  optional?: boolean
  placeholder?: string
  note?: string
}>()
const { t } = useI18n()
const typed = computed({
  get: () => number.value ?? undefined,
  set: (value: number | null | undefined) => (number.value = (value ?? null) as T),
})
const wrong = computed(() => {
  const now = number.value
  if (now === null) return undefined
  if (props.whole && !Number.isInteger(now)) return t('form.whole')
  const { min, max, unit } = props
  return now < min || now > max ? t('form.between', { min, max, unit: unit ? ` ${unit}` : '' }) : undefined
})
</script>

<template>
  <LabelledField :id="id" :label="label" :path="path" :wrong="wrong" :empty="!optional && number === null">
    <a-input-number
      :id="id"
      v-model:value="typed"
      :addon-after="unit"
      :disabled="disabled"
      :placeholder="placeholder"
      class="full"
    />
    <small v-if="note" class="muted">{{ note }}</small>
  </LabelledField>
</template>
