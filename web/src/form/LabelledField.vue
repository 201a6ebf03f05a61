<script setup lang="ts">
import { useField } from './fields'

/** A label over its field, and under it what is wrong with what was typed. */
const props = defineProps<{
  id: string
  label: string
  /** Its name in what is sent, where that is not the id. */
  path?: string
  /** What the field itself finds wrong. */
  wrong?: string
  /** Whether something is needed that is not there yet. */
  empty?: boolean
}>()
const said = useField(
  props.id,
  props.path ?? props.id,
  () => props.wrong,
  () => props.empty,
)
</script>

<template>
  <div class="field" :class="{ wrong: said }">
    <label :for="id">{{ label }}</label>
    <slot />
    <p v-if="said" :id="`${id}-wrong`" class="said" role="alert">{{ said }}</p>
  </div>
</template>
