<script setup lang="ts">
import dayjs, { type Dayjs } from 'dayjs'
import { computed } from 'vue'
import LabelledField from './LabelledField.vue'

/** By when it is to be done, to the quarter of an hour. */
const due = defineModel<string>({ required: true })
const value = computed({
  get: () => dayjs(due.value),
  set: (chosen: Dayjs | undefined) => {
    if (chosen) due.value = chosen.toISOString()
  },
})
</script>

<template>
  <LabelledField id="due" path="dueAt" :label="$t('garment.due')">
    <a-date-picker
      id="due"
      v-model:value="value"
      :allow-clear="false"
      :show-time="{ format: 'HH:mm', minuteStep: 15 }"
      format="ddd D MMM HH:mm"
      class="full"
    />
  </LabelledField>
</template>
