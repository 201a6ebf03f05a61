<script setup lang="ts">
/** What a view shows while its data is on the way, or when it did not come. */
defineProps<{ loading: boolean; error: Error | null }>()
defineEmits<{ retry: [] }>()
</script>

<template>
  <div v-if="error && !loading" class="sheet trouble" role="alert">
    <p>{{ error.message }}</p>
    <a-button @click="$emit('retry')">{{ $t('shell.retry') }}</a-button>
  </div>
  <a-skeleton v-else-if="loading" active :paragraph="{ rows: 6 }" />
  <slot v-else />
</template>

<style scoped>
.trouble {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 16px;
  padding: 16px 20px;
}
</style>
