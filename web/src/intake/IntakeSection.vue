<script setup lang="ts">
import { until } from '@vueuse/core'
import { computed, nextTick, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { GarmentForm, TicketForm } from '@/api/client'
import TextField from '@/form/TextField.vue'
import { useUnits } from '@/quantity/units'
import { useVocabulary } from '@/speech/vocabulary'
import { chips } from './chips'
import IntakeChips from './IntakeChips.vue'
import { answered } from './laid'
import QuestionCard from './QuestionCard.vue'
import SentenceField from './SentenceField.vue'
import StartFrom from './StartFrom.vue'
import { useIntake } from './useIntake'

/** A ticket that begins with what a maker would say of it. */
const form = defineModel<TicketForm>({ required: true })
const props = defineProps<{
  /** The ticket as it begins. */
  blank: TicketForm
  /** Whether the whole form stands below: then nothing is told twice. */
  whole: boolean
}>()
const emit = defineEmits<{ keep: [] }>()
const { t } = useI18n()
const { word } = useVocabulary()
const { length } = useUnits()
const intake = useIntake(form, () => props.blank)
const { sentence, reading, current, putOff } = intake

const read = computed(() =>
  chips(reading.value, intake.known.value, form.value, intake.asRead.value, word, length.value),
)
/** Questions that somebody put off are not asked again; what comes after them is. */
const question = computed(() => {
  const next = reading.value?.question ?? null
  return next && !putOff.value.includes(next.about) ? next : null
})
const said = computed(() => {
  if (intake.error.value) return intake.error.value.message
  if (!current.value || !sentence.value.trim()) return ''
  return reading.value?.read.length === 0 ? t('intake.nothing') : ''
})
const field = useTemplateRef<{ focus(): void }>('field')
const card = useTemplateRef<{ focus(): void }>('card')

function answer(words: string) {
  sentence.value = answered(sentence.value, words)
  field.value?.focus()
}

/** On to the method, once all that was typed is read, and unless something is still asked that decides it. */
async function done() {
  await until(current).toBe(true)
  await nextTick()
  if (props.whole || !open.value) emit('keep')
  else if (question.value) card.value?.focus()
  else field.value?.focus()
}

function begin(garment: GarmentForm) {
  intake.begin(garment)
  field.value?.focus()
}

/** Whether something is still asked that decides the method; of the fibre also where it may be looked up later. */
const open = computed(() =>
  question.value ? question.value.needed || question.value.about === 'LABEL' : read.value.length === 0,
)

defineExpose({ reading, open, done, clear: intake.clear })
</script>

<template>
  <section class="intake">
    <SentenceField ref="field" v-model="sentence" :said="said" @done="done" />
    <template v-if="!whole">
      <IntakeChips v-if="read.length" v-model="form" :chips="read" />
      <ul v-if="reading?.hints.length" class="hints" :aria-label="$t('intake.hints')">
        <li v-for="hint in reading.hints" :key="hint">{{ hint }}</li>
      </ul>
      <QuestionCard
        v-if="question"
        ref="card"
        :question="question"
        @answer="answer"
        @later="putOff.push(question.about)"
      />
      <div v-if="read.length" class="fields two">
        <TextField id="customer" v-model="form.customer" :label="$t('garment.customer')" :max="80" optional />
      </div>
    </template>
    <StartFrom @choose="begin" />
  </section>
</template>

<style scoped>
.intake {
  display: grid;
  gap: 12px;
  width: 100%;
}

.hints {
  padding: 8px 12px 8px 28px;
  border-radius: 8px;
  background: var(--tight-ground);
}
</style>
