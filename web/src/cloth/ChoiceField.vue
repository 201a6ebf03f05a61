<script setup lang="ts" generic="T extends string | string[]">
/** A labelled choice among the trade's terms. */
const chosen = defineModel<T>({ required: true })
defineProps<{
  id: string
  label: string
  options: { value: string; label: string }[]
  multiple?: boolean
  hint?: string
}>()
</script>

<template>
  <label :for="id" class="choice">
    <span class="choice-label">{{ label }}</span>
    <a-select
      :id="id"
      v-model:value="chosen"
      :options="options"
      :mode="multiple ? 'multiple' : undefined"
      :aria-label="label"
      :placeholder="hint"
      :show-search="true"
      option-filter-prop="label"
      style="width: 100%"
    />
  </label>
</template>

<style scoped>
.choice {
  min-width: 0;
}
</style>
