<script setup lang="ts">
/** Over the thing itself: what it is, and the way to the Stack. */
defineProps<{ title: string }>()
defineEmits<{ stack: [] }>()
</script>

<template>
  <div class="head">
    <h2>{{ title }}</h2>
    <a-button @click="$emit('stack')">{{ $t('place.stack') }} <kbd>S</kbd></a-button>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  padding-bottom: 10px;
}

kbd {
  margin-left: 6px;
}
</style>
