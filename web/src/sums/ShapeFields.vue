<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import { partOf } from '@/form/parts'
import TextField from '@/form/TextField.vue'
import { useVocabulary } from '@/speech/vocabulary'
import type { Shape } from './sums'

/** What it is made of: the drawing, letters or a plain shape, and how large. */
const shape = defineModel<Shape>({ required: true })
const props = defineProps<{ drawn: boolean; line?: boolean }>()
const { t } = useI18n()
const { options } = useVocabulary()
const from = partOf(shape, 'from')
const width = partOf(shape, 'width')
const height = partOf(shape, 'height')
const text = partOf(shape, 'text')
const face = partOf(shape, 'face')
const froms = computed(() =>
  (['ART', 'LETTERS', 'ROUND', 'BOX', 'LINE'] as const)
    .filter((each) => (each !== 'ART' || props.drawn) && (each !== 'LINE' || props.line))
    .map((value) => ({ value, label: t(`sums.from.${value}`) })),
)
</script>

<template>
  <ChoiceField id="sum-from" v-model="from" :label="$t('sums.madeOf')" path="shape.from" :options="froms" />
  <TextField
    v-if="from === 'LETTERS'"
    id="sum-text"
    v-model="text"
    :label="$t('cut.letters')"
    path="shape.text"
    :max="60"
  />
  <ChoiceField
    v-if="from === 'LETTERS'"
    id="sum-face"
    v-model="face"
    :label="$t('cut.face2')"
    :options="options('face')"
  />
  <LengthField
    v-if="from !== 'LETTERS'"
    id="sum-width"
    v-model="width"
    :label="$t(from === 'LINE' ? 'sums.length' : 'cut.width')"
    path="shape.width"
    :min="3"
    :max="3000"
  />
  <LengthField
    v-if="from !== 'ART' && from !== 'LINE'"
    id="sum-height"
    v-model="height"
    :label="$t('sums.height')"
    path="shape.height"
    :min="3"
    :max="3000"
  />
</template>
