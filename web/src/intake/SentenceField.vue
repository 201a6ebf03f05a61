<script setup lang="ts">
import { onMounted, useTemplateRef } from 'vue'

/** What a maker would say of an order. Enter goes on; Shift with Enter begins a new line. */
const sentence = defineModel<string>({ required: true })
defineProps<{
  /** What is wrong with it, or that nothing stands in it. */
  said: string
}>()
const emit = defineEmits<{ done: [] }>()
const field = useTemplateRef<{ focus(): void }>('field')
onMounted(() => field.value?.focus())
defineExpose({ focus: () => field.value?.focus() })

function enter(event: KeyboardEvent) {
  if (event.shiftKey || event.isComposing) return
  event.preventDefault()
  emit('done')
}
</script>

<template>
  <div class="sentence">
    <label for="sentence">{{ $t('intake.title') }}</label>
    <a-textarea
      id="sentence"
      ref="field"
      v-model:value="sentence"
      :auto-size="{ minRows: 2, maxRows: 6 }"
      :maxlength="2000"
      :placeholder="$t('intake.hint')"
      aria-describedby="sentence-said"
      size="large"
      @keydown.enter="enter"
    />
    <p id="sentence-said" class="muted" aria-live="polite">{{ said }}</p>
  </div>
</template>

<style scoped>
label {
  display: block;
  padding-bottom: 6px;
  color: var(--heading);
  font: 600 var(--type-section) var(--figures);
}

.muted:not(:empty) {
  padding-top: 4px;
  font-size: var(--type-note);
}
</style>
