<script setup lang="ts">
/** Over the thing itself: what it is, what turns it over, and the way to the Stack. */
defineProps<{ title: string }>()
defineEmits<{ stack: [] }>()
</script>

<template>
  <div class="head">
    <h2>{{ title }}</h2>
    <div id="beside-head"></div>
    <a-button @click="$emit('stack')">{{ $t('place.stack') }} <kbd>S</kbd></a-button>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding-bottom: 10px;
}

h2 {
  flex: 1;
}

kbd {
  margin-left: 6px;
}
</style>
