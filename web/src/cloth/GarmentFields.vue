<script setup lang="ts">
import type { GarmentForm } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import NumberField from '@/form/NumberField.vue'
import TextField from '@/form/TextField.vue'
import { useVocabulary } from '@/speech/vocabulary'
import ColourFields from './ColourFields.vue'
import DyeField from './DyeField.vue'
import LabelField from './LabelField.vue'
import SizesField from './SizesField.vue'

/** What a garment is, on a ticket and in Cloth memory. */
const garment = defineModel<GarmentForm>({ required: true })
const { options } = useVocabulary()
</script>

<template>
  <div class="fields">
    <TextField
      id="name"
      v-model="garment.name"
      path="garment.name"
      class="wide2"
      :label="$t('garment.name')"
      :max="80"
      :placeholder="$t('garment.nameHint')"
    />
    <ChoiceField id="kind" v-model="garment.kind" :label="$t('garment.kind')" :options="options('garment')" />
    <ChoiceField id="size" v-model="garment.size" :label="$t('garment.size')" :options="options('size')" />
    <LabelField v-model="garment.label" class="wide2" />
    <ChoiceField id="iron" v-model="garment.iron" :label="$t('garment.iron')" :options="options('iron')" />
    <SizesField v-model="garment.sizes" />
    <ChoiceField
      id="fabric"
      v-model="garment.fabric"
      :label="$t('garment.fabric')"
      :options="options('fabric')"
    />
    <NumberField
      id="weight"
      v-model="garment.weight"
      path="garment.weight"
      :label="$t('garment.weight')"
      :min="5"
      :max="3000"
      unit="g/m²"
      optional
      :placeholder="$t('garment.weightUsual')"
    />
    <ColourFields v-model="garment" />
    <DyeField v-model="garment.dye" :label-text="garment.label" :depth="garment.depth" />
    <ChoiceField
      id="finish"
      v-model="garment.finish"
      :label="$t('garment.finish')"
      :options="options('finish')"
    />
    <ChoiceField
      id="obstacles"
      v-model="garment.obstacles"
      :label="$t('garment.obstacles')"
      :options="options('obstacle')"
      multiple
      :hint="$t('garment.obstaclesHint')"
    />
    <ChoiceField
      id="uses"
      v-model="garment.uses"
      path="garment.uses"
      :label="$t('garment.uses')"
      :options="options('use')"
      multiple
      :hint="$t('garment.usesHint')"
    />
  </div>
</template>
