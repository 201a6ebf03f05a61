<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import { useFields } from '@/form/fields'
import { PAGES, type Design } from './designs'

/** How a print is cut: the ground left round it, and the page. */
const design = defineModel<Design>({ required: true })
useFields(() => null)

const field = (key: keyof Design['print']) =>
  computed({
    get: () => design.value.print[key],
    set: (value: number | null) => {
      if (value !== null) design.value = { ...design.value, print: { ...design.value.print, [key]: value } }
    },
  })
const border = field('border')
const margin = field('pageMargin')
const pages = PAGES.map(({ name }) => ({ value: name, label: name }))
const page = computed<string | null>({
  get: () =>
    PAGES.find(
      ({ width, height }) =>
        width === design.value.print.pageWidth && height === design.value.print.pageHeight,
    )?.name ?? null,
  set: (name) => {
    const chosen = PAGES.find((each) => each.name === name)
    if (chosen) {
      const { width: pageWidth, height: pageHeight } = chosen
      design.value = { ...design.value, print: { ...design.value.print, pageWidth, pageHeight } }
    }
  },
})
</script>

<template>
  <div class="fields">
    <LengthField id="print-border" v-model="border" :label="$t('cut.border')" :min="-2" :max="30" />
    <ChoiceField id="print-page" v-model="page" :label="$t('cut.pageSize')" :options="pages" />
    <LengthField id="print-margin" v-model="margin" :label="$t('cut.pageMargin')" :min="0" :max="50" />
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(3, minmax(128px, 200px));
  gap: 10px 14px;
  align-items: end;
}
</style>
