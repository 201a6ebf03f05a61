<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, defineAsyncComponent, useTemplateRef } from 'vue'
import type { Plan, Problem, Schemas, TicketForm } from '@/api/client'
import { useFields } from '@/form/fields'
import FormProblem from '@/form/FormProblem.vue'
import FirstOption from '@/intake/FirstOption.vue'
import IntakeSection from '@/intake/IntakeSection.vue'
import { titleOf } from '@/intake/laid'

/** Most tickets need no more than their sentence. */
const WholeForm = defineAsyncComponent(() => import('./WholeForm.vue'))

const form = defineModel<TicketForm>({ required: true })
const props = defineProps<{
  presses: Schemas['PressView'][]
  /** As it would be with what is typed; null while it cannot be made. */
  plan: Plan | null
  problem: Problem | null
  keeping: boolean
  /** The ticket as it begins; null where it was kept before. */
  blank: TicketForm | null
}>()
const emit = defineEmits<{ keep: [] }>()
const { ready } = useFields(() => props.problem)

/** Those who want the whole form at once get it the next time too. */
const wanted = useLocalStorage('kettle.wholeForm', false)
const whole = computed({
  get: () => props.blank === null || wanted.value,
  set: (open) => (wanted.value = open),
})
const intake = useTemplateRef<InstanceType<typeof IntakeSection>>('intake')

/** What is missing of a ticket stands in the whole form only. */
function keep() {
  if (!form.value.title.trim() && form.value.garment.name) {
    form.value.title = titleOf(form.value, intake.value?.reading ?? null)
  }
  if (ready()) emit('keep')
}

/** A new ticket is asked first for what decides its method. */
function submit() {
  if (intake.value) void intake.value.done()
  else keep()
}

defineExpose({ clear: () => intake.value?.clear() })
</script>

<template>
  <form class="garment" novalidate @submit.prevent="submit">
    <IntakeSection v-if="blank" ref="intake" v-model="form" :blank="blank" :whole="whole" @keep="keep" />
    <a-button v-if="blank" type="link" class="turn" :aria-expanded="whole" @click="whole = !whole">{{
      $t(whole ? 'intake.folded' : 'intake.whole')
    }}</a-button>
    <WholeForm v-if="whole" v-model="form" :presses="presses" :begins="blank !== null" />
    <FormProblem />
    <div class="foot">
      <a-button type="primary" size="large" html-type="submit" :loading="keeping">{{
        $t('garment.keep')
      }}</a-button>
      <FirstOption v-if="!intake?.open" :plan="plan" />
    </div>
  </form>
</template>

<style scoped>
.garment {
  display: grid;
  gap: 14px;
  justify-items: start;
}

.turn {
  padding: 0;
}

.foot {
  position: sticky;
  bottom: 0;
  z-index: 2;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 16px;
  width: 100%;
  padding: 12px 0;
  background: var(--steam);
}
</style>
