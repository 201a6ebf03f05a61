<script setup lang="ts">
import { computed } from 'vue'
import type { TicketForm } from '@/api/client'
import ColourFields from '@/cloth/ColourFields.vue'
import LabelField from '@/cloth/LabelField.vue'
import SizesField from '@/cloth/SizesField.vue'
import ChoiceField from '@/form/ChoiceField.vue'
import DueField from '@/form/DueField.vue'
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import TextField from '@/form/TextField.vue'
import { useVocabulary } from '@/speech/vocabulary'
import type { Field } from './reading'

/** The field of a ticket that a chip stands for, as the whole form has it. */
const form = defineModel<TicketForm>({ required: true })
defineProps<{ field: Field }>()
const { options } = useVocabulary()
const garment = computed(() => form.value.garment)
const art = computed(() => form.value.decorations[0]!)
/** Another place than the one that was found by hand before. */
const placement = computed({
  get: () => art.value.placement,
  set: (chosen) => Object.assign(art.value, { placement: chosen, spot: null }),
})
</script>

<template>
  <div class="fields two">
    <LabelField v-if="field === 'LABEL'" v-model="garment.label" class="wide2" />
    <template v-else-if="field === 'KIND'">
      <ChoiceField
        id="kind"
        v-model="garment.kind"
        :label="$t('garment.kind')"
        :options="options('garment')"
      />
      <TextField id="name" v-model="garment.name" path="garment.name" :label="$t('garment.name')" :max="80" />
    </template>
    <ColourFields v-else-if="field === 'COLOUR'" v-model="form.garment" />
    <template v-else-if="field === 'ART'">
      <ChoiceField id="art" v-model="art.kind" :label="$t('garment.artKind')" :options="options('art')" />
      <TextField
        id="description"
        v-model="art.description"
        path="decorations[0].description"
        :label="$t('garment.description')"
        :max="120"
      />
    </template>
    <ChoiceField
      v-else-if="field === 'LIGHT'"
      id="lightest"
      v-model="art.lightest"
      :label="$t('garment.lightest')"
      :options="options('depth')"
    />
    <LengthField
      v-else-if="field === 'WIDTH'"
      id="width"
      v-model="art.width"
      path="decorations[0].width"
      :label="$t('garment.width')"
      :min="3"
      :max="3000"
    />
    <LengthField
      v-else-if="field === 'HEIGHT'"
      id="height"
      v-model="art.height"
      path="decorations[0].height"
      :label="$t('garment.height')"
      :min="3"
      :max="3000"
    />
    <ChoiceField
      v-else-if="field === 'PLACE'"
      id="placement"
      v-model="placement"
      :label="$t('garment.placement')"
      :options="options(`placement.${garment.kind}`)"
    />
    <NumberField
      v-else-if="field === 'PIECES'"
      id="pieces"
      v-model="form.pieces"
      :label="$t('garment.pieces')"
      :min="1"
      :max="10000"
      whole
    />
    <DueField v-else-if="field === 'DUE'" v-model="form.dueAt" />
    <ChoiceField
      v-else-if="field === 'FABRIC'"
      id="fabric"
      v-model="garment.fabric"
      :label="$t('garment.fabric')"
      :options="options('fabric')"
    />
    <ChoiceField
      v-else-if="field === 'FITS'"
      id="size"
      v-model="garment.size"
      :label="$t('garment.size')"
      :options="options('size')"
    />
    <SizesField v-else-if="field === 'SIZES'" v-model="garment.sizes" class="wide2" />
    <ChoiceField
      v-else-if="field === 'OBSTACLES'"
      id="obstacles"
      v-model="garment.obstacles"
      class="wide2"
      :label="$t('garment.obstacles')"
      :options="options('obstacle')"
      multiple
      :hint="$t('garment.obstaclesHint')"
    />
  </div>
</template>

<style scoped>
.fields {
  width: 100%;
  max-width: 460px;
}
</style>
