<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, defineAsyncComponent, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useFields } from '@/form/fields'
import FormProblem from '@/form/FormProblem.vue'
import FirstOption from '@/intake/FirstOption.vue'
import IntakeSection from '@/intake/IntakeSection.vue'
import { titleOf } from '@/intake/laid'
import PlaceSection from '@/place/PlaceSection.vue'
import BesideIt from '@/shell/BesideIt.vue'
import { openTicket, useAside } from './openTicket'

/** Most tickets need no more than their sentence. */
const WholeForm = defineAsyncComponent(() => import('./WholeForm.vue'))

const { t } = useI18n()
const { form, blank, presses, plan, problem, keep, keeping, go, beside, onLetGo } = openTicket()
useAside(() => ({ thing: t('place.title'), stack: 'typed' }))
const { ready } = useFields(() => problem.value)

/** Those who want the whole form at once get it the next time too. */
const wanted = useLocalStorage('kettle.wholeForm', false)
const whole = computed({
  get: () => blank.value === null || wanted.value,
  set: (open) => (wanted.value = open),
})
const intake = useTemplateRef<InstanceType<typeof IntakeSection>>('intake')

onLetGo(() => intake.value?.clear())

/** What is missing of a ticket stands in the whole form only. */
async function keepAndChoose() {
  if (!form.value.title.trim() && form.value.garment.name) {
    form.value.title = titleOf(form.value, intake.value?.reading ?? null)
  }
  const id = ready() ? await keep() : null
  if (!id) return
  intake.value?.clear()
  go('method', id)
}

/** A new ticket is asked first for what decides its method. */
function submit() {
  if (intake.value) void intake.value.done()
  else void keepAndChoose()
}
</script>

<template>
  <form class="garment" novalidate @submit.prevent="submit">
    <IntakeSection
      v-if="blank"
      ref="intake"
      v-model="form"
      :blank="blank"
      :whole="whole"
      @keep="keepAndChoose"
    />
    <a-button v-if="blank" type="link" class="turn" :aria-expanded="whole" @click="whole = !whole">{{
      $t(whole ? 'intake.folded' : 'intake.whole')
    }}</a-button>
    <WholeForm v-if="whole" v-model="form" :presses="presses" :begins="blank !== null" />
    <FormProblem />
    <BesideIt v-if="beside">
      <PlaceSection v-model="form" :plan="plan" />
    </BesideIt>
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
