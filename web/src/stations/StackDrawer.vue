<script setup lang="ts">
import { nextTick, ref, useTemplateRef, watch } from 'vue'

/** On a narrow window the Stack waits behind a button. The drawer takes the focus and gives it back. */
const open = ref(false)
const button = useTemplateRef<{ focus(): void }>('button')
const content = useTemplateRef<HTMLElement>('content')

// Not on the drawer's own event: it waits for a transition, and there is none where motion is reduced.
watch(open, async (isOpen) => {
  await nextTick()
  if (isOpen) content.value?.focus()
  else button.value?.focus()
})
</script>

<template>
  <a-button ref="button" class="open-stack" @click="open = true">{{ $t('ticket.open') }}</a-button>
  <a-drawer v-model:open="open" placement="right" :width="360" :title="$t('ticket.stack')">
    <section ref="content" role="dialog" tabindex="-1" :aria-label="$t('ticket.stack')">
      <slot />
    </section>
  </a-drawer>
</template>

<style scoped>
.open-stack {
  position: fixed;
  right: 16px;
  bottom: 16px;
}

section:focus {
  outline: none;
}
</style>
