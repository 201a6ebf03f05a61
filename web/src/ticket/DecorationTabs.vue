<script setup lang="ts">
import { computed } from 'vue'
import type { DecorationForm } from '@/api/client'

/** Which of a garment's decorations is looked at; nothing to choose where there is one. */
const at = defineModel<string | undefined>({ required: true })
const props = defineProps<{
  decorations: DecorationForm[]
  /** Where a method is chosen, each says whether it still wants one. */
  choosing?: boolean
}>()
const options = computed(() =>
  props.decorations.map(({ id, description, medium }) => ({
    value: id,
    label: description || '–',
    open: props.choosing && medium === null,
  })),
)
const value = computed({
  get: () => options.value.find((option) => option.value === at.value)?.value ?? options.value[0]?.value,
  set: (chosen) => (at.value = chosen),
})
</script>

<template>
  <a-radio-group
    v-if="options.length > 1"
    v-model:value="value"
    class="tabs"
    button-style="solid"
    :aria-label="$t('together.which')"
  >
    <a-radio-button v-for="option in options" :key="option.value" :value="option.value">
      {{ option.label }}
      <span v-if="option.open" class="open">{{ $t('together.toChoose') }}</span>
    </a-radio-button>
  </a-radio-group>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  padding: 10px 0 12px;
}
.open {
  margin-left: 6px;
  padding: 0 7px;
  border: 1px solid currentcolor;
  border-radius: 9px;
  font-size: var(--type-small);
}
</style>
