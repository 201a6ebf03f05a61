<script setup lang="ts">
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import { partOf } from '@/form/parts'
import { useVocabulary } from '@/speech/vocabulary'
import type { Strips } from './sums'

/** Strips of web round a print: print, border, strip, corners and the roll. */
const strips = defineModel<Strips>({ required: true })
defineProps<{ pieces: number }>()
const { options } = useVocabulary()
const width = partOf(strips, 'width')
const height = partOf(strips, 'height')
const border = partOf(strips, 'border')
const strip = partOf(strips, 'strip')
const tolerance = partOf(strips, 'tolerance')
const corner = partOf(strips, 'corner')
const panels = partOf(strips, 'panels')
const roll = partOf(strips, 'roll')
const seconds = partOf(strips, 'seconds')
</script>

<template>
  <div class="fields">
    <LengthField id="strip-width" v-model="width" :label="$t('sums.printWidth')" :min="20" :max="2000" />
    <LengthField id="strip-height" v-model="height" :label="$t('sums.printHeight')" :min="20" :max="2000" />
    <LengthField id="strip-border" v-model="border" :label="$t('sums.whiteBorder')" :min="0" :max="100" />
    <LengthField id="strip-strip" v-model="strip" :label="$t('sums.stripWidth')" :min="3" :max="60" />
    <LengthField id="strip-tolerance" v-model="tolerance" :label="$t('sums.tolerance')" :min="0" :max="10" />
    <ChoiceField id="strip-corner" v-model="corner" :label="$t('sums.corner')" :options="options('corner')" />
    <NumberField
      id="strip-panels"
      v-model="panels"
      :label="$t('sums.panels', { n: pieces })"
      :min="0"
      :max="200"
      whole
    />
    <LengthField id="strip-roll" v-model="roll" :label="$t('sums.rollWidth')" :min="3" :max="3000" />
    <NumberField
      id="strip-seconds"
      v-model="seconds"
      :label="$t('sums.seconds')"
      :min="1"
      :max="600"
      unit="s"
    />
  </div>
</template>
