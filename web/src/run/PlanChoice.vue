<script setup lang="ts">
/** What is different since the run's plan was made, and the choice that the run waits for. */
defineProps<{ lines: string[] }>()
defineEmits<{ anew: []; asPlanned: [] }>()
</script>

<template>
  <div class="choice" role="alert">
    <div>
      <strong>{{ $t(lines.length ? 'planAged.title' : 'planAged.ticket') }}</strong>
      <ul v-if="lines.length">
        <li v-for="line in lines" :key="line">{{ line }}</li>
      </ul>
    </div>
    <button type="button" class="plain" @click="$emit('anew')">{{ $t('planAged.anew') }}</button>
    <button type="button" class="plain" @click="$emit('asPlanned')">{{ $t('planAged.asPlanned') }}</button>
  </div>
</template>

<style scoped src="./keys.css"></style>
<style scoped>
.choice {
  display: flex;
  align-items: center;
  gap: 16px;
  margin: 0 28px;
  padding: 8px 14px;
  background: var(--hot-ground);
  color: var(--on-dark);
  font-size: var(--type-section);
}

.choice > div {
  flex: 1;
}

ul {
  padding-left: 24px;
}
</style>
