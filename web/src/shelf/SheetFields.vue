<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { toFahrenheit } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { useVocabulary } from '@/speech/vocabulary'
import type { MaterialForm } from './materialForm'

/** The numbers of a material's own instruction sheet; an empty field means that it says nothing. */
const form = defineModel<MaterialForm>({ required: true })
const { options } = useVocabulary()
const { t } = useI18n()
const { temperature: unit } = useUnits()
const fahrenheit = computed(() => unit.value === '°F')

type Temperature = 'coolest' | 'hottest'
type Count = 'shortest' | 'longest' | 'cutterForce' | 'cutterDepth' | 'cutterSpeed' | 'cutterPasses'
type Word = 'pressure' | 'peel' | 'cover'

function temperature(field: Temperature) {
  return computed({
    get: () => {
      const kept = form.value[field]
      if (kept === null) return undefined
      return Math.round(fahrenheit.value ? toFahrenheit(kept) : kept)
    },
    set: (typed: number | null | undefined) => {
      const empty = typed === null || typed === undefined
      form.value[field] = empty ? null : fahrenheit.value ? (typed - 32) / 1.8 : typed
    },
  })
}

function count(field: Count) {
  return computed({
    get: () => form.value[field] ?? undefined,
    set: (typed: number | null | undefined) => (form.value[field] = typed ?? null),
  })
}

function word<T extends Word>(field: T) {
  return computed({
    get: () => form.value[field] ?? undefined,
    set: (chosen: MaterialForm[T] | undefined) => (form.value[field] = chosen ?? null!),
  })
}

const coolest = temperature('coolest')
const hottest = temperature('hottest')
const shortest = count('shortest')
const longest = count('longest')
const force = count('cutterForce')
const depth = count('cutterDepth')
const speed = count('cutterSpeed')
const passes = count('cutterPasses')
const pressure = word('pressure')
const peel = word('peel')
const cover = word('cover')
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
const low = computed(() => (fahrenheit.value ? 140 : 60))
const high = computed(() => (fahrenheit.value ? 446 : 230))
</script>

<template>
  <h3>{{ $t('shelf.sheetTitle') }}</h3>
  <div class="fields">
    <label
      ><span>{{ $t('shelf.coolest') }}</span
      ><a-input-number
        id="coolest"
        v-model:value="coolest"
        :min="low"
        :max="high"
        :addon-after="unit"
        class="full"
    /></label>
    <label
      ><span>{{ $t('shelf.hottest') }}</span
      ><a-input-number
        id="hottest"
        v-model:value="hottest"
        :min="low"
        :max="high"
        :addon-after="unit"
        class="full"
    /></label>
    <label
      ><span>{{ $t('shelf.shortest') }}</span
      ><a-input-number
        id="shortest"
        v-model:value="shortest"
        :min="1"
        :max="600"
        addon-after="s"
        class="full"
    /></label>
    <label
      ><span>{{ $t('shelf.longest') }}</span
      ><a-input-number id="longest" v-model:value="longest" :min="1" :max="600" addon-after="s" class="full"
    /></label>
    <label for="sheet-pressure"
      ><span>{{ $t('press.pressure') }}</span
      ><a-select
        id="sheet-pressure"
        v-model:value="pressure"
        :options="options('pressure')"
        allow-clear
        :aria-label="$t('press.pressure')"
        :placeholder="$t('shelf.steams.silent')"
        class="full"
    /></label>
    <label for="sheet-peel"
      ><span>{{ $t('press.peel') }}</span
      ><a-select
        id="sheet-peel"
        v-model:value="peel"
        :options="options('peel')"
        allow-clear
        :aria-label="$t('press.peel')"
        :placeholder="$t('shelf.steams.silent')"
        class="full"
    /></label>
    <label for="sheet-cover"
      ><span>{{ $t('press.cover') }}</span
      ><a-select
        id="sheet-cover"
        v-model:value="cover"
        :options="options('cover')"
        allow-clear
        :aria-label="$t('press.cover')"
        :placeholder="$t('shelf.steams.silent')"
        class="full"
    /></label>
    <label for="sheet-steam"
      ><span>{{ $t('shelf.steam') }}</span
      ><a-select
        id="sheet-steam"
        v-model:value="steam"
        :options="steams"
        :aria-label="$t('shelf.steam')"
        class="full"
    /></label>
  </div>
  <h3>{{ $t('shelf.cutterTitle') }}</h3>
  <div class="fields">
    <label
      ><span>{{ $t('shelf.force') }}</span
      ><a-input-number
        id="force"
        v-model:value="force"
        :min="1"
        :max="5000"
        :precision="0"
        addon-after="g"
        class="full"
    /></label>
    <label
      ><span>{{ $t('shelf.depth') }}</span
      ><a-input-number id="blade-depth" v-model:value="depth" :min="1" :max="100" :precision="0" class="full"
    /></label>
    <label
      ><span>{{ $t('shelf.speed') }}</span
      ><a-input-number
        id="speed"
        v-model:value="speed"
        :min="1"
        :max="2000"
        :precision="0"
        addon-after="mm/s"
        class="full"
    /></label>
    <label
      ><span>{{ $t('shelf.passes') }}</span
      ><a-input-number id="passes" v-model:value="passes" :min="1" :max="10" :precision="0" class="full"
    /></label>
    <label class="wide2"
      ><span>{{ $t('shelf.blade') }}</span
      ><a-input id="blade" v-model:value="blade" :maxlength="40"
    /></label>
  </div>
</template>

<style scoped>
h3 {
  padding-top: 14px;
}
</style>
