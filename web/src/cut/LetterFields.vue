<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { said } from '@/exchange/file'
import LengthValue from '@/quantity/LengthValue.vue'
import { useVocabulary } from '@/speech/vocabulary'

/** Plain letters for a broken shape: what is typed is set into its box at once, to be looked at. */
const props = defineProps<{ box: Schemas['LetterBox']; colour: string }>()
const emit = defineEmits<{
  show: [path: string]
  set: [replacement: Schemas['Replacement']]
  close: []
}>()
const { options } = useVocabulary()
const text = ref('')
const face = ref<Schemas['Replacement']['face']>('PLAIN')
const baseline = ref(100)
const problem = ref('')
const stretched = ref<number | null>(null)
const box = computed(() => ({ ...props.box, baseline: (props.box.height * baseline.value) / 100 }))

let asked = 0

/** An answer to what was typed before is passed over. */
const show = useDebounceFn(async () => {
  const ask = ++asked
  problem.value = ''
  if (!text.value.trim()) return emit('show', '')
  try {
    const letters = await answer(
      api.POST('/api/cutting/letters', { body: { box: box.value, text: text.value, face: face.value } }),
    )
    if (ask !== asked) return
    stretched.value = letters.stretched
    emit('show', letters.path)
  } catch (e) {
    if (ask !== asked) return
    problem.value = said(e)
    emit('show', '')
  }
}, 150)
watch([text, face, box], () => void show())
const oddly = computed(() => stretched.value !== null && (stretched.value > 1.35 || stretched.value < 0.75))

function set() {
  emit('set', { ...box.value, colour: props.colour, text: text.value, face: face.value })
}
</script>

<template>
  <form class="sheet letters" @submit.prevent="set">
    <p>
      {{ $t('cut.letterBox') }} <LengthValue :millimetres="props.box.width" /> ×
      <LengthValue :millimetres="props.box.height" />
    </p>
    <div class="line">
      <label for="letters-text">{{ $t('cut.letters') }}</label>
      <a-input id="letters-text" v-model:value="text" :maxlength="60" />
      <label for="letters-face">{{ $t('cut.face2') }}</label>
      <a-select
        id="letters-face"
        v-model:value="face"
        :aria-label="$t('cut.face2')"
        :options="options('face')"
        show-search
        option-filter-prop="label"
      />
      <label for="letters-line">{{ $t('cut.baseline') }}</label>
      <a-input-number id="letters-line" v-model:value="baseline" :min="40" :max="100" addon-after="%" />
    </div>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-else-if="oddly" class="muted">{{ $t('cut.oddly') }}</p>
    <div class="line">
      <a-button type="primary" html-type="submit" :disabled="!text.trim() || !!problem">{{
        $t('cut.setLetters')
      }}</a-button>
      <a-button @click="emit('close')">{{ $t('cancel') }}</a-button>
    </div>
  </form>
</template>

<style scoped>
.letters {
  display: grid;
  gap: 10px;
  margin: 10px 0;
  padding: 12px 14px;
}

.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

.line :deep(.ant-input) {
  width: 150px;
}

.line :deep(.ant-select) {
  width: 120px;
}

.line :deep(.ant-input-number-group-wrapper) {
  width: 110px;
}

.problem {
  color: var(--no);
}
</style>
