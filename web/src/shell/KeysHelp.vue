<script setup lang="ts">
import { defineAsyncComponent, ref, watch } from 'vue'
import { helpOpen } from './help'
import { useKey } from './keys'

/** The keys, once somebody asks for them. */
const KeysDialog = defineAsyncComponent(() => import('./KeysDialog.vue'))
const asked = ref(false)
useKey('?', () => (helpOpen.value = true))
watch(helpOpen, (open) => (asked.value ||= open))
</script>

<template>
  <KeysDialog v-if="asked" />
</template>
