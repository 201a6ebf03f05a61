<script setup lang="ts">
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import { partOf } from '@/form/parts'
import SwitchField from '@/form/SwitchField.vue'
import PageField from './PageField.vue'
import type { Slits } from './sums'

/** Slits over a panel: panel, spacing, stretch, and the garment they are cut in. */
const slits = defineModel<Slits>({ required: true })
const width = partOf(slits, 'width')
const height = partOf(slits, 'height')
const pitch = partOf(slits, 'pitch')
const margin = partOf(slits, 'margin')
const length = partOf(slits, 'length')
const bridge = partOf(slits, 'bridge')
const offset = partOf(slits, 'offset')
const stretch = partOf(slits, 'stretch')
const gives = partOf(slits, 'gives')
const inside = partOf(slits, 'inside')
const paper = partOf(slits, 'paper')
</script>

<template>
  <div class="fields">
    <LengthField id="slit-width" v-model="width" :label="$t('sums.panelWidth')" :min="20" :max="2000" />
    <LengthField id="slit-height" v-model="height" :label="$t('sums.panelHeight')" :min="20" :max="2000" />
    <LengthField id="slit-length" v-model="length" :label="$t('sums.slitLength')" :min="3" :max="2000" />
    <LengthField id="slit-pitch" v-model="pitch" :label="$t('sums.pitch')" :min="3" :max="200" />
    <LengthField id="slit-bridge" v-model="bridge" :label="$t('sums.bridge')" :min="0.5" :max="200" />
    <LengthField id="slit-margin" v-model="margin" :label="$t('sums.margin')" :min="0" :max="100" />
    <SwitchField id="slit-offset" v-model="offset" :label="$t('sums.offset')" />
    <NumberField
      id="slit-stretch"
      v-model="stretch"
      :label="$t('sums.stretch')"
      :min="0"
      :max="100"
      unit="%"
    />
    <NumberField id="slit-gives" v-model="gives" :label="$t('sums.gives')" :min="0" :max="200" unit="%" />
    <LengthField id="slit-inside" v-model="inside" :label="$t('sums.inside')" :min="20" :max="3000" />
    <PageField id="slit-paper" v-model="paper" :label="$t('sums.chalkPaper')" />
  </div>
</template>
