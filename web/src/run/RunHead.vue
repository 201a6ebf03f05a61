<script setup lang="ts">
/** Which ticket, which piece and step, on which press; sound and the way out. */
defineProps<{
  name: string
  piece: number
  pieces: number
  whose: string
  step: number
  steps: number
  press: string
}>()
const sound = defineModel<boolean>('sound', { required: true })
defineEmits<{ leave: [] }>()
</script>

<template>
  <header>
    <strong class="number figure">{{ name }}</strong>
    <span>
      {{ $t('run.piece', { n: piece, of: pieces }) }}
      <template v-if="whose">({{ whose }})</template> ·
      {{ $t('run.step', { n: step, of: steps }) }}
    </span>
    <span class="spring" />
    <span>{{ press }}</span>
    <button type="button" class="chip" @click="sound = !sound">
      {{ $t(sound ? 'run.sound' : 'run.mute') }}
    </button>
    <button type="button" class="chip" @click="$emit('leave')">{{ $t('run.leave') }}</button>
  </header>
</template>

<style scoped src="./keys.css"></style>
<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 14px 28px;
  color: var(--muted);
}

.number {
  color: var(--on-dark);
  font-size: var(--type-headline);
}
</style>
