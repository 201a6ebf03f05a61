<script setup lang="ts">
import { computed, watch } from 'vue'
import type { GarmentForm, Schemas, TicketForm } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import DueField from '@/form/DueField.vue'
import NumberField from '@/form/NumberField.vue'
import TextField from '@/form/TextField.vue'
import { blankDecoration, copyOf } from '@/ticket/blankTicket'
import RosterFields from '@/roster/RosterFields.vue'
import ArtFields from '@/cloth/ArtFields.vue'
import GarmentFields from '@/cloth/GarmentFields.vue'
import KeepCloth from '@/cloth/KeepCloth.vue'
import KnownCloths from '@/cloth/KnownCloths.vue'

/** Every field of a ticket. */
const form = defineModel<TicketForm>({ required: true })
const props = defineProps<{
  presses: Schemas['PressView'][]
  /** Whether a sentence above it begins the ticket, and the cloths that one knows stand there. */
  begins: boolean
}>()

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
</script>

<template>
  <section class="part">
    <div class="heading">
      <h2>{{ $t('garment.title') }}</h2>
      <span class="blanks">
        <KeepCloth :garment="form.garment" />
        <KnownCloths v-if="!begins" :hint="$t('garment.known')" @choose="useCloth" />
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

<style scoped>
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
