<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { DecorationForm, GarmentForm } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import SwitchField from '@/form/SwitchField.vue'
import TextField from '@/form/TextField.vue'
import { useVocabulary } from '@/speech/vocabulary'

const ON_CLOTH = 'on the cloth'

/** What goes on the garment, before a medium is chosen. */
const art = defineModel<DecorationForm>({ required: true })
const props = defineProps<{
  /** Of this decoration on the garment, from 0. */
  number: number
  /** What the garment is, which tells the places that it has. */
  garment: GarmentForm['kind']
  /** The garment's other decorations. */
  others: DecorationForm[]
}>()
defineEmits<{ remove: [] }>()
const { t } = useI18n()
/** Its path in the ticket. */
const at = computed(() => `decorations[${props.number}]`)
/** Fields of the second one are told apart from those of the first. */
const id = (field: string) => (props.number === 0 ? field : `${field}-${props.number + 1}`)
const below = computed(() => [
  { value: ON_CLOTH, label: t('garment.onCloth') },
  ...props.others.map((other) => ({ value: other.id, label: other.description || '–' })),
])
const over = computed({
  get: () => art.value.over ?? ON_CLOTH,
  set: (chosen) => (art.value.over = chosen === ON_CLOTH ? null : chosen),
})
const { options } = useVocabulary()
/** A place that was chosen before stays in the list, whatever the garment is now. */
const places = computed(() => {
  const own = options(`placement.${props.garment}`)
  const kept = options('placement').filter(({ value }) => value === art.value.placement)
  return own.some(({ value }) => value === art.value.placement) ? own : [...kept, ...own]
})
/** Another place than the one that was found by hand before. */
const placement = computed({
  get: () => art.value.placement,
  set: (chosen) => Object.assign(art.value, { placement: chosen, spot: null }),
})
const drawn = computed(() => art.value.kind === 'LETTERING' || art.value.kind === 'LOGO')
const ofStones = computed(() => art.value.kind === 'STONES')
type StoneSizes = NonNullable<DecorationForm['smallerStones']>
/** The largest first: it decides how high they stand. */
const stoneSizes = computed({
  get: (): StoneSizes => [art.value.stoneSize ?? [], art.value.smallerStones ?? []].flat(),
  set: (chosen: StoneSizes) => {
    const bySize = options('stonesize').map(({ value }) => value)
    const [largest = null, ...smaller] = [...chosen].sort((a, b) => bySize.indexOf(b) - bySize.indexOf(a))
    Object.assign(art.value, { stoneSize: largest, smallerStones: smaller })
  },
})
/** Pieces that are cloth themselves: they get as hot as the garment. */
const ofCloth = computed(() => options('art.piece').some(({ value }) => value === art.value.kind))
const ownPrint = computed({
  get: () => art.value.ownPrint ?? false,
  set: (on) => (art.value.ownPrint = on),
})
const ownLabel = computed({
  get: () => art.value.ownLabel ?? '',
  set: (typed) => (art.value.ownLabel = typed.trim() ? typed : null),
})
</script>

<template>
  <section class="art">
    <div class="heading">
      <h2>{{ number === 0 ? $t('garment.art') : $t('garment.artAlso') }}</h2>
      <a-button
        v-if="others.length"
        size="small"
        :aria-label="$t('form.removeOf', { name: art.description || $t('garment.artAlso') })"
        @click="$emit('remove')"
        >{{ $t('form.remove') }}</a-button
      >
    </div>
    <div class="fields">
      <TextField
        :id="id('description')"
        v-model="art.description"
        :path="`${at}.description`"
        class="wide2"
        :label="$t('garment.description')"
        :max="120"
        :placeholder="$t('garment.descriptionHint')"
      />
      <ChoiceField
        :id="id('art')"
        v-model="art.kind"
        class="wide2"
        :path="`${at}.kind`"
        :label="$t('garment.artKind')"
        :options="options('art')"
      />
      <ChoiceField
        :id="id('placement')"
        v-model="placement"
        :path="`${at}.placement`"
        :label="$t('garment.placement')"
        :options="places"
      />
      <LengthField
        :id="id('width')"
        v-model="art.width"
        :path="`${at}.width`"
        :label="$t('garment.width')"
        :min="3"
        :max="3000"
      />
      <LengthField
        :id="id('height')"
        v-model="art.height"
        :path="`${at}.height`"
        :label="$t('garment.height')"
        :min="3"
        :max="3000"
      />
      <NumberField
        :id="id('colours')"
        v-model="art.colours"
        :path="`${at}.colours`"
        :label="$t('garment.colours')"
        :min="1"
        :max="200"
        whole
      />
      <ChoiceField
        :id="id('lightest')"
        v-model="art.lightest"
        :path="`${at}.lightest`"
        :label="$t('garment.lightest')"
        :options="options('depth')"
      />
      <LengthField
        :id="id('stroke')"
        v-model="art.thinnestStroke"
        :path="`${at}.thinnestStroke`"
        :label="$t('garment.stroke')"
        :min="0.1"
        :max="100"
        optional
      />
      <ChoiceField
        :id="id('surface')"
        v-model="art.surface"
        :path="`${at}.surface`"
        :label="$t('garment.surface')"
        :options="options('surface')"
      />
      <template v-if="ofStones">
        <NumberField
          :id="id('stones')"
          v-model="art.stones"
          :path="`${at}.stones`"
          :label="$t('garment.stones')"
          :min="0"
          :max="20000"
          whole
        />
        <ChoiceField
          :id="id('stone-size')"
          v-model="stoneSizes"
          :path="`${at}.stoneSize`"
          :label="$t('garment.stoneSize')"
          :options="options('stonesize')"
          multiple
          :hint="$t('garment.stoneSizeAny')"
        />
      </template>
      <template v-else-if="ofCloth">
        <TextField
          :id="id('own-label')"
          v-model="ownLabel"
          :path="`${at}.ownLabel`"
          class="wide2"
          :label="$t('garment.ownLabel')"
          :max="300"
          optional
          :placeholder="$t('garment.ownLabelHint')"
        />
        <SwitchField
          v-if="art.ownLabel"
          :id="id('own-print')"
          v-model="ownPrint"
          :label="$t('garment.ownPrint')"
        />
      </template>
      <ChoiceField
        v-if="drawn"
        :id="id('parts')"
        v-model="art.parts"
        :path="`${at}.parts`"
        :label="$t('garment.parts')"
        :options="options('parts')"
        optional
        :hint="$t('garment.partsUsual')"
      />
      <SwitchField
        v-if="!ofStones && !ofCloth"
        :id="id('layered')"
        v-model="art.layered"
        :label="$t('garment.layered')"
      />
      <ChoiceField
        v-if="others.length"
        :id="id('over')"
        v-model="over"
        :path="`${at}.over`"
        :label="$t('garment.over')"
        :options="below"
      />
    </div>
  </section>
</template>

<style scoped>
.art {
  width: 100%;
}

.heading {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
</style>
