<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/form/ChoiceField.vue'
import { PAGES } from '@/cut/designs'
import type { Schemas } from '@/api/client'

/** A page of the printer, by its name. */
const page = defineModel<Schemas['PageForm']>({ required: true })
defineProps<{ id: string; label: string }>()
const options = PAGES.map(({ name }) => ({ value: name, label: name }))
const name = computed({
  get: () =>
    PAGES.find(({ width, height }) => width === page.value.width && height === page.value.height)?.name ??
    null,
  set: (to) => {
    const found = PAGES.find((each) => each.name === to)
    if (found) page.value = { ...page.value, width: found.width, height: found.height }
  },
})
</script>

<template>
  <ChoiceField :id="id" v-model="name" :label="label" :options="options" />
</template>
