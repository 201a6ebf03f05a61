<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import { useFields } from '@/form/fields'
import { useVocabulary } from '@/speech/vocabulary'
import type { ArtView } from './designs'
import { useWork } from './useWork'

/** How that of a drawing is read which no blade can cut as it is drawn: its text, its gradients. */
const props = defineProps<{ art: ArtView }>()
const emit = defineEmits<{ read: [art: ArtView] }>()
type As = Schemas['ReadAs']
useFields(() => null)
const { options } = useVocabulary()
const { work, problem, follow } = useWork()

async function read(as: As) {
  const done = await follow((id) =>
    answer(
      api.PUT('/api/art/{id}/again', {
        params: { path: { id } },
        body: { from: props.art.id, gradients: as.gradients, text: as.text },
      }),
    ),
  )
  if (done?.art) emit('read', done.art)
}

const text = computed({
  get: () => props.art.as.text,
  set: (to) => void read({ ...props.art.as, text: to }),
})
const gradients = computed({
  get: () => props.art.as.gradients,
  set: (to) => void read({ ...props.art.as, gradients: to }),
})
</script>

<template>
  <div class="ways">
    <ChoiceField
      v-if="art.hasText"
      id="art-text"
      v-model="text"
      :label="$t('cut.textIn')"
      :options="options('face')"
      :hint="$t('cut.textOut')"
      optional
    />
    <ChoiceField
      v-if="art.hasGradients"
      id="art-gradients"
      v-model="gradients"
      :label="$t('cut.gradientsIn')"
      :options="options('gradient')"
    />
    <p v-if="work?.state === 'RUNNING'" role="status">{{ $t('cut.bringing') }}</p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </div>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 10px 16px;
  padding: 6px 0;
}

.ways > * {
  min-width: 180px;
}

.problem {
  color: var(--no);
}
</style>
