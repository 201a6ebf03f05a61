<script setup lang="ts">
import dayjs, { type Dayjs } from 'dayjs'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api } from '@/api/client'
import LabelledField from './LabelledField.vue'

/** By when it is to be done, to the quarter of an hour: from the calendar, or typed as one says it, "Friday 4 pm". */
const due = defineModel<string>({ required: true })
const { t } = useI18n()
const SHOWN = 'ddd D MMM HH:mm'
const wrong = ref('')
const value = computed({
  get: () => dayjs(due.value),
  set: (chosen: Dayjs | undefined) => {
    wrong.value = ''
    if (chosen) due.value = chosen.toISOString()
  },
})

/** What was typed is read before the calendar would put it back. */
async function typed(event: Event) {
  const { target } = event
  if (!(target instanceof HTMLInputElement)) return
  const said = target.value.trim()
  if (!said || said === value.value.format(SHOWN)) return
  event.preventDefault()
  event.stopPropagation()
  try {
    const today = dayjs().format('YYYY-MM-DD')
    const read = await answer(
      api.POST('/api/intake', { body: { sentence: said.slice(0, 200), today, known: [] } }),
    )
    const { dueDay, dueTime } = read.values
    if (dueDay) value.value = dayjs(`${dueDay}T${dueTime ?? value.value.format('HH:mm')}`)
    else wrong.value = t('garment.noDay', { said })
  } catch (e) {
    wrong.value = (e as Error).message
  }
}
</script>

<template>
  <LabelledField id="due" path="dueAt" :label="$t('garment.due')" :wrong="wrong || undefined">
    <span class="typed" @keydown.enter.capture="typed" @focusout.capture="typed">
      <a-date-picker
        id="due"
        v-model:value="value"
        :allow-clear="false"
        :show-time="{ format: 'HH:mm', minuteStep: 15 }"
        :format="SHOWN"
        class="full"
      />
    </span>
  </LabelledField>
</template>

<style scoped>
.typed {
  display: block;
}
</style>
