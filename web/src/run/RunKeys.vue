<script setup lang="ts">
import { computed } from 'vue'
import type { Action } from './useStepKeys'

/** The keys of a step, the one big key first; and what comes next. */
const props = defineProps<{
  action: Action
  /** Whether the run is open, so that what is done is kept. */
  ready: boolean
  pressing: boolean
  /** Whether this step's clock runs. */
  counting: boolean
  /** Whether a wait may be ended before its time. */
  cuttable: boolean
  first: boolean
  noted: boolean
  /** The next instruction; nothing after the last. */
  next: string | null
}>()
defineEmits<{
  act: []
  pause: []
  add: []
  again: []
  end: []
  back: []
  wrong: []
}>()
const does = computed(() => {
  if (props.action === 'start') return props.pressing ? 'run.start' : 'run.wait'
  return props.action === 'goOn' ? 'run.goOn' : 'run.done'
})
</script>

<template>
  <footer>
    <button v-if="action === 'none'" type="button" class="big" :disabled="!ready" @click="$emit('pause')">
      {{ $t('run.pause') }} <kbd>P</kbd>
    </button>
    <button v-else type="button" class="big" :disabled="!ready" @click="$emit('act')">
      {{ $t(does) }} <kbd>Space</kbd>
    </button>
    <button v-if="counting" type="button" class="plain" :disabled="!ready" @click="$emit('add')">
      {{ $t('run.add') }}
    </button>
    <button v-if="counting" type="button" class="plain" :disabled="!ready" @click="$emit('again')">
      {{ $t('run.again') }}
    </button>
    <button v-if="cuttable" type="button" class="plain" :disabled="!ready" @click="$emit('end')">
      {{ $t('run.done') }}
    </button>
    <button v-if="!counting && !first" type="button" class="plain" :disabled="!ready" @click="$emit('back')">
      {{ $t('run.back') }}
    </button>
    <button type="button" class="plain" @click="$emit('wrong')">
      {{ $t(noted ? 'run.noted' : 'run.wrong') }}
    </button>
    <span class="spring" />
    <p class="next">
      <span>{{ $t('run.next') }}</span>
      <b class="told">{{ next ?? $t('outcome.title') }}</b>
    </p>
  </footer>
</template>

<style scoped src="./keys.css"></style>
<style scoped>
footer {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 96px;
  padding: 8px 28px;
  background: var(--velvet);
}

.next {
  display: flex;
  flex-direction: column;
  max-width: 400px;
  text-align: right;
}

/* A long sentence is read at its own step. */
.told {
  display: -webkit-box;
  overflow: hidden;
  font-weight: 600;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
}

.next span {
  color: var(--muted);
}

@media (max-width: 899px) {
  footer {
    flex-wrap: wrap;
  }
}
</style>
