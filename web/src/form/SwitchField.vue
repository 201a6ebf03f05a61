<script setup lang="ts">
/** Yes or no, with its words beside it. */
const on = defineModel<boolean>({ required: true })
defineProps<{ id: string; label: string }>()
</script>

<template>
  <div class="switch">
    <a-switch :id="id" v-model:checked="on" :aria-label="label" />
    <label :for="id">{{ label }}</label>
  </div>
</template>

<style scoped>
.switch {
  display: flex;
  align-items: center;
  gap: 10px;
}
@media (pointer: coarse) {
  label {
    display: flex;
    align-items: center;
  }
}
</style>
