<script setup lang="ts">
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import { partOf } from '@/form/parts'
import SwitchField from '@/form/SwitchField.vue'
import TextField from '@/form/TextField.vue'
import { useVocabulary } from '@/speech/vocabulary'
import type { Motifs } from './sums'

/** Motifs from a bought sheet: the figure, what is cut of it, and the line that they follow. */
const motifs = defineModel<Motifs>({ required: true })
const { options } = useVocabulary()
const name = partOf(motifs, 'name')
const width = partOf(motifs, 'width')
const height = partOf(motifs, 'height')
const onSheet = partOf(motifs, 'onSheet')
const part = partOf(motifs, 'part')
const line = partOf(motifs, 'line')
const depth = partOf(motifs, 'depth')
const count = partOf(motifs, 'count')
const gap = partOf(motifs, 'gap')
const alternate = partOf(motifs, 'alternate')
</script>

<template>
  <div class="fields">
    <TextField id="motif-name" v-model="name" :label="$t('sums.figure')" path="motifs.name" :max="40" />
    <LengthField id="motif-width" v-model="width" :label="$t('sums.figureWidth')" :min="3" :max="500" />
    <LengthField id="motif-height" v-model="height" :label="$t('sums.figureHeight')" :min="3" :max="500" />
    <NumberField id="motif-sheet" v-model="onSheet" :label="$t('sums.onSheet')" :min="1" :max="200" whole />
    <ChoiceField id="motif-part" v-model="part" :label="$t('sums.part')" :options="options('motifpart')" />
    <SwitchField id="motif-alternate" v-model="alternate" :label="$t('sums.alternate')" />
    <LengthField id="motif-line" v-model="line" :label="$t('sums.lineWidth')" :min="20" :max="3000" />
    <LengthField id="motif-depth" v-model="depth" :label="$t('sums.depth')" :min="0" :max="1500" />
    <LengthField id="motif-gap" v-model="gap" :label="$t('sums.motifGap')" :min="0" :max="200" />
    <NumberField id="motif-count" v-model="count" :label="$t('sums.motifCount')" :min="0" :max="500" whole />
  </div>
</template>
