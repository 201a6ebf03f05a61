<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '@/form/ChoiceField.vue'
import NumberField from '@/form/NumberField.vue'
import TextField from '@/form/TextField.vue'
import { toCelsius, toFahrenheit } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { useVocabulary } from '@/speech/vocabulary'
import type { MaterialForm } from './materialForm'

/** The numbers of a material's own instruction sheet; an empty field means that it says nothing. */
const form = defineModel<MaterialForm>({ required: true })
const { options } = useVocabulary()
const { t } = useI18n()
const { temperature: unit } = useUnits()
const fahrenheit = computed(() => unit.value === '°F')
const LOW = 60
const HIGH = 230
const shown = (celsius: number) => Math.round(fahrenheit.value ? toFahrenheit(celsius) : celsius)

function temperature(field: 'coolest' | 'hottest') {
  return computed({
    get: () => {
      const kept = form.value[field]
      return kept === null ? null : shown(kept)
    },
    set: (typed: number | null) => (form.value[field] = typed === null ? null : toCelsius(typed, unit.value)),
  })
}

const coolest = temperature('coolest')
const hottest = temperature('hottest')
const blade = computed({
  get: () => form.value.blade ?? '',
  set: (typed: string) => (form.value.blade = typed || null),
})
const steam = computed({
  get: () => (form.value.steam === null ? 'silent' : form.value.steam ? 'yes' : 'no'),
  set: (chosen: string) => (form.value.steam = chosen === 'silent' ? null : chosen === 'yes'),
})
const steams = computed(() =>
  (['silent', 'yes', 'no'] as const).map((value) => ({ value, label: t(`shelf.steams.${value}`) })),
)
</script>

<template>
  <h3>{{ $t('shelf.sheetTitle') }}</h3>
  <div class="fields">
    <NumberField
      id="coolest"
      v-model="coolest"
      :label="$t('shelf.coolest')"
      :min="shown(LOW)"
      :max="shown(HIGH)"
      :unit="unit"
      optional
    />
    <NumberField
      id="hottest"
      v-model="hottest"
      :label="$t('shelf.hottest')"
      :min="shown(LOW)"
      :max="shown(HIGH)"
      :unit="unit"
      optional
    />
    <NumberField
      id="shortest"
      v-model="form.shortest"
      :label="$t('shelf.shortest')"
      :min="1"
      :max="600"
      unit="s"
      optional
    />
    <NumberField
      id="longest"
      v-model="form.longest"
      :label="$t('shelf.longest')"
      :min="1"
      :max="600"
      unit="s"
      optional
    />
    <ChoiceField
      id="sheet-pressure"
      v-model="form.pressure"
      path="pressure"
      :label="$t('press.pressure')"
      :options="options('pressure')"
      optional
      :hint="$t('shelf.steams.silent')"
    />
    <ChoiceField
      id="sheet-peel"
      v-model="form.peel"
      path="peel"
      :label="$t('press.peel')"
      :options="options('peel')"
      optional
      :hint="$t('shelf.steams.silent')"
    />
    <ChoiceField
      id="sheet-cover"
      v-model="form.cover"
      path="cover"
      :label="$t('press.cover')"
      :options="options('cover')"
      optional
      :hint="$t('shelf.steams.silent')"
    />
    <ChoiceField id="sheet-steam" v-model="steam" path="steam" :label="$t('shelf.steam')" :options="steams" />
  </div>
  <h3>{{ $t('shelf.cutterTitle') }}</h3>
  <div class="fields">
    <NumberField
      id="force"
      v-model="form.cutterForce"
      path="cutterForce"
      :label="$t('shelf.force')"
      :min="1"
      :max="5000"
      unit="g"
      whole
      optional
    />
    <NumberField
      id="blade-depth"
      v-model="form.cutterDepth"
      path="cutterDepth"
      :label="$t('shelf.depth')"
      :min="1"
      :max="100"
      whole
      optional
    />
    <NumberField
      id="speed"
      v-model="form.cutterSpeed"
      path="cutterSpeed"
      :label="$t('shelf.speed')"
      :min="1"
      :max="2000"
      unit="mm/s"
      whole
      optional
    />
    <NumberField
      id="passes"
      v-model="form.cutterPasses"
      path="cutterPasses"
      :label="$t('shelf.passes')"
      :min="1"
      :max="10"
      whole
      optional
    />
    <TextField id="blade" v-model="blade" class="wide2" :label="$t('shelf.blade')" :max="40" optional />
  </div>
</template>

<style scoped>
h3 {
  padding-top: 14px;
}
</style>
