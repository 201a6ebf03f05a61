<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, useTemplateRef, watch } from 'vue'
import type { GarmentForm, Plan, Problem, Schemas, TicketForm } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import DueField from '@/form/DueField.vue'
import { useFields } from '@/form/fields'
import FormProblem from '@/form/FormProblem.vue'
import NumberField from '@/form/NumberField.vue'
import TextField from '@/form/TextField.vue'
import FirstOption from '@/intake/FirstOption.vue'
import IntakeSection from '@/intake/IntakeSection.vue'
import { titleOf } from '@/intake/laid'
import { blankDecoration, copyOf } from '@/ticket/blankTicket'
import RosterFields from '@/roster/RosterFields.vue'
import ArtFields from '@/cloth/ArtFields.vue'
import GarmentFields from '@/cloth/GarmentFields.vue'
import KeepCloth from '@/cloth/KeepCloth.vue'
import KnownCloths from '@/cloth/KnownCloths.vue'

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

const pressChoices = computed(() =>
  props.presses.map((press) => ({ value: press.id, label: press.press.name })),
)
/** Nothing, where the press that the ticket names was taken out of the drawer. */
const pressId = computed({
  get: () =>
    pressChoices.value.some(({ value }) => value === form.value.pressId) ? form.value.pressId : null,
  set: (chosen) => {
    if (chosen) form.value.pressId = chosen
  },
})
/** Those who want the whole form at once get it the next time too. */
const wanted = useLocalStorage('kettle.wholeForm', false)
const whole = computed({
  get: () => props.blank === null || wanted.value,
  set: (open) => (wanted.value = open),
})
const intake = useTemplateRef<InstanceType<typeof IntakeSection>>('intake')

/** A ticket holds no more. */
const MOST = 6

function add() {
  const used = new Set(form.value.decorations.map(({ id }) => id))
  const id = [...'abcdefghij'].find((letter) => !used.has(letter))!
  form.value.decorations.push({ ...blankDecoration(), id })
}

/** What lay over it lies on the cloth then. */
function remove(id: string) {
  form.value.decorations = form.value.decorations
    .filter((one) => one.id !== id)
    .map((one) => (one.over === id ? { ...one, over: null } : one))
}

/** A roster says how many pieces there are. */
watch(
  () => form.value.roster.length,
  (entries) => {
    if (entries) form.value.pieces = entries
  },
)

function useCloth(known: GarmentForm) {
  form.value.garment = copyOf(known)
}

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
    <template v-if="whole">
      <section class="part">
        <div class="heading">
          <h2>{{ $t('garment.title') }}</h2>
          <span class="blanks">
            <KeepCloth :garment="form.garment" />
            <KnownCloths v-if="!blank" :hint="$t('garment.known')" @choose="useCloth" />
          </span>
        </div>
        <GarmentFields v-model="form.garment" />
      </section>
      <ArtFields
        v-for="(decoration, n) in form.decorations"
        :key="`${n} ${decoration.id}`"
        v-model="form.decorations[n]!"
        :garment="form.garment.kind"
        :number="n"
        :others="form.decorations.filter((other) => other.id !== decoration.id)"
        @remove="remove(decoration.id)"
      />
      <a-button v-if="form.decorations.length < MOST" @click="add">{{ $t('garment.addArt') }}</a-button>
      <section class="part">
        <h2>{{ $t('garment.order') }}</h2>
        <div class="fields">
          <TextField
            id="title"
            v-model="form.title"
            class="wide2"
            :label="$t('garment.ticketTitle')"
            :max="80"
            optional
            :placeholder="$t('garment.ticketTitleHint')"
          />
          <TextField
            id="customer"
            v-model="form.customer"
            class="wide2"
            :label="$t('garment.customer')"
            :max="80"
            optional
          />
          <NumberField
            id="pieces"
            v-model="form.pieces"
            :label="$t('garment.pieces')"
            :disabled="form.roster.length > 0"
            :min="1"
            :max="10000"
            whole
          />
          <DueField v-model="form.dueAt" />
          <ChoiceField
            id="press"
            v-model="pressId"
            path="pressId"
            :hint="$t('garment.pressGone')"
            class="wide2"
            :label="$t('garment.press')"
            :options="pressChoices"
          />
        </div>
      </section>
      <RosterFields
        v-model="form.roster"
        :layouts="form.decorations.filter(({ kind }) => kind === 'LETTERING')"
      />
    </template>
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

.part {
  width: 100%;
}

.blanks {
  display: flex;
  gap: 10px;
}

.heading {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
</style>
