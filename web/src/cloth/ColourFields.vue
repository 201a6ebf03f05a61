<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import dayjs from 'dayjs'
import { computed, ref, watch } from 'vue'
import { answer, api, type GarmentForm } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import TextField from '@/form/TextField.vue'
import { unitsKey } from '@/quantity/units'
import { useVocabulary } from '@/speech/vocabulary'

/** A cloth's colour: its word sets how dark it is and its hue; where they say otherwise, that is asked at once. */
const garment = defineModel<GarmentForm>({ required: true })
const { options, word } = useVocabulary()

const typed = computed(() => garment.value.colour.trim())
const settled = refDebounced(typed, 200)
const { data } = useQuery({
  queryKey: ['intake', computed(() => `${settled.value} cloth`), 'colour', unitsKey],
  queryFn: () =>
    answer(
      api.POST('/api/intake', {
        body: { sentence: `${settled.value} cloth`, today: dayjs().format('YYYY-MM-DD'), known: [] },
      }),
    ),
  enabled: computed(() => settled.value !== ''),
  staleTime: Infinity,
})
/** What the word means; nothing where nobody knows it, or another one was typed meanwhile. */
const meant = computed(() => {
  const values = data.value?.values
  return values?.depth &&
    values.hue &&
    values.colour === typed.value.toLowerCase() &&
    settled.value === typed.value
    ? { depth: values.depth, hue: values.hue }
    : null
})

/** As depth and hue stood when the word was typed: what is chosen after it stays. */
const before = ref<{ depth: string; hue: string } | null>(null)
const colour = computed({
  get: () => garment.value.colour,
  set: (text) => {
    before.value ??= { depth: garment.value.depth, hue: garment.value.hue }
    garment.value.colour = text
  },
})
watch(meant, (now) => {
  if (!now || !before.value) return
  const { depth, hue } = garment.value
  if (depth === before.value.depth && hue === before.value.hue) Object.assign(garment.value, now)
  before.value = null
})

const kept = ref('')
/** A black cloth that is called white turns the advice round. */
const odd = computed(() =>
  meant.value &&
  meant.value.depth !== garment.value.depth &&
  kept.value !== `${typed.value} ${garment.value.depth}` &&
  !before.value
    ? meant.value
    : null,
)
</script>

<template>
  <TextField id="colour" v-model="colour" path="garment.colour" :label="$t('garment.colour')" :max="40" />
  <ChoiceField id="depth" v-model="garment.depth" :label="$t('garment.depth')" :options="options('depth')" />
  <ChoiceField id="hue" v-model="garment.hue" :label="$t('garment.hue')" :options="options('hue')" />
  <div v-if="odd" class="odd" role="alert">
    {{
      $t('garment.odd', {
        colour: typed,
        meant: word('depth', odd.depth),
        depth: word('depth', garment.depth),
      })
    }}
    <a-button size="small" @click="Object.assign(garment, odd)">{{
      $t('garment.oddMeant', { depth: word('depth', odd.depth) })
    }}</a-button>
    <a-button size="small" @click="kept = `${typed} ${garment.depth}`">{{
      $t('garment.oddKept', { depth: word('depth', garment.depth) })
    }}</a-button>
  </div>
</template>

<style scoped>
.odd {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  align-items: center;
  gap: 6px 10px;
  padding: 6px 12px;
  border-radius: 8px;
  background: var(--tight-ground);
}
</style>
