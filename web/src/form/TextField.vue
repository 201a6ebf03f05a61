<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import LabelledField from './LabelledField.vue'

/** A line of text. What is too long stays as it was typed, and is said. */
const text = defineModel<string>({ required: true })
const props = defineProps<{
  id: string
  label: string
  path?: string
  max: number
  optional?: boolean
  placeholder?: string
}>()
const { t } = useI18n()
const wrong = computed(() => {
  const n = [...text.value].length
  return n > props.max ? t('form.tooLong', { max: props.max, n }) : undefined
})
</script>

<template>
  <LabelledField :id="id" :label="label" :path="path" :wrong="wrong" :empty="!optional && !text.trim()">
    <a-input :id="id" v-model:value="text" :placeholder="placeholder" />
  </LabelledField>
</template>
