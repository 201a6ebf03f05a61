<script setup lang="ts">
import { CloseOutlined } from '@ant-design/icons-vue'

/** Takes a row out of what is typed; nothing is asked of the server. */
defineProps<{ label: string }>()
const emit = defineEmits<{ away: [] }>()
</script>

<template>
  <a-button type="text" :aria-label="label" :title="label" @click="emit('away')"><CloseOutlined /></a-button>
</template>
