<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import LabelledField from '@/form/LabelledField.vue'

/** The sizes it comes in, as they stand on the garments: letters, numbers or heights. */
const sizes = defineModel<string[]>({ required: true })
const { t } = useI18n()
const USUAL = ['XS', 'S', 'M', 'L', 'XL', 'XXL', '104', '116', '128', '140', '152', '164']
const LONGEST = 12
const options = USUAL.map((value) => ({ value }))
const wrong = computed(() => {
  const long = sizes.value.find((size) => size.length > LONGEST)
  return long === undefined ? undefined : t('garment.sizeTooLong', { size: long, max: LONGEST })
})
</script>

<template>
  <LabelledField id="sizes" :label="$t('garment.sizes')" path="garment.sizes" :wrong="wrong">
    <a-select
      id="sizes"
      v-model:value="sizes"
      mode="tags"
      :options="options"
      :token-separators="[',', ' ']"
      :aria-label="$t('garment.sizes')"
      :placeholder="$t('garment.sizesHint')"
      class="full"
    />
  </LabelledField>
</template>
