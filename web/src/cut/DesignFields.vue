<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import { useFields } from '@/form/fields'
import SwitchField from '@/form/SwitchField.vue'
import { useVocabulary } from '@/speech/vocabulary'
import ColourRows from './ColourRows.vue'
import { resized, type Design } from './designs'
import PrintFields from './PrintFields.vue'

/** What is chosen for a design: its colours, how wide, how they lie over each other, blade or page. */
const design = defineModel<Design>({ required: true })
/** Whether its medium is printed and not cut colour by colour. */
defineProps<{ printed: boolean }>()
useFields(() => null)
const { options } = useVocabulary()

const width = computed({
  get: () => design.value.width,
  set: (to: number) => (design.value = resized(design.value, to)),
})
const overlap = computed({
  get: () => design.value.overlap,
  set: (to) => (design.value = { ...design.value, overlap: to }),
})
const newBlade = computed({
  get: () => design.value.newBlade,
  set: (to) => (design.value = { ...design.value, newBlade: to }),
})
</script>

<template>
  <section>
    <h3>{{ $t('cut.colours') }}</h3>
    <ColourRows v-model="design" />
    <div class="fields">
      <LengthField id="cut-width" v-model="width" :label="$t('cut.width')" :min="3" :max="3000" />
      <ChoiceField
        id="cut-overlap"
        v-model="overlap"
        :label="$t('cut.overlap')"
        :options="options('overlap')"
      />
      <SwitchField v-if="!printed" id="cut-blade" v-model="newBlade" :label="$t('cut.newBlade')" />
    </div>
    <PrintFields v-if="printed" v-model="design" />
  </section>
</template>

<style scoped>
h3 {
  margin-top: 10px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(3, minmax(140px, 200px));
  gap: 10px 16px;
  align-items: end;
  padding: 10px 0;
}
</style>
