<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/form/ChoiceField.vue'
import NumberField from '@/form/NumberField.vue'
import { partOf } from '@/form/parts'
import TakeAway from '@/form/TakeAway.vue'
import { useVocabulary } from '@/speech/vocabulary'
import type { Layer } from './sums'

/** Stones of one colour: how they lie, their sizes, and whether they get fewer to one side. */
const layer = defineModel<Layer>({ required: true })
defineProps<{ id: string; art: boolean; line: boolean; only: boolean }>()
const emit = defineEmits<{ remove: [] }>()
const { options } = useVocabulary()
const pattern = partOf(layer, 'pattern')
const sizes = partOf(layer, 'sizes')
const colour = partOf(layer, 'colour')
const direction = partOf(layer, 'direction')
const one = computed<Layer['sizes'][number]>({
  get: () => sizes.value[0]!,
  set: (size) => (sizes.value = [size]),
})
const percent = (key: 'from' | 'to') =>
  computed({
    get: () => Math.round(layer.value[key] * 100),
    set: (to: number) => (layer.value = { ...layer.value, [key]: to / 100 }),
  })
const from = percent('from')
const to = percent('to')
const graded = computed(() => layer.value.from !== 1 || layer.value.to !== 1)
</script>

<template>
  <fieldset>
    <legend v-if="art">
      <i :style="{ background: layer.art ?? undefined }" />
      {{ $t('sums.insteadOf', { colour: layer.art ?? '' }) }}
      <TakeAway
        v-if="!only"
        :label="$t('sums.removeLayer', { colour: layer.art ?? '' })"
        @away="emit('remove')"
      />
    </legend>
    <div class="fields">
      <div class="colour">
        <label :for="`${id}-colour`">{{ $t('sums.stoneColour') }}</label>
        <input
          :id="`${id}-colour`"
          type="color"
          :value="colour"
          @change="colour = ($event.target as HTMLInputElement).value"
        />
      </div>
      <ChoiceField
        v-if="!line"
        :id="`${id}-pattern`"
        v-model="pattern"
        :label="$t('sums.pattern')"
        :options="options('pattern')"
      />
      <ChoiceField
        v-if="pattern === 'MIXED' && !line"
        :id="`${id}-sizes`"
        v-model="sizes"
        :label="$t('sums.sizes')"
        :options="options('stonesize')"
        multiple
      />
      <ChoiceField
        v-else
        :id="`${id}-size`"
        v-model="one"
        :label="$t('sums.size')"
        :options="options('stonesize')"
      />
      <template v-if="!line">
        <NumberField
          :id="`${id}-from`"
          v-model="from"
          :label="$t('sums.shareFrom')"
          :min="0"
          :max="100"
          unit="%"
        />
        <NumberField :id="`${id}-to`" v-model="to" :label="$t('sums.shareTo')" :min="0" :max="100" unit="%" />
        <NumberField
          v-if="graded"
          :id="`${id}-direction`"
          v-model="direction"
          :label="$t('sums.direction')"
          :min="0"
          :max="360"
          unit="°"
        />
      </template>
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  margin: 8px 0 0;
  padding: 8px 0 0;
  border: 0;
  border-top: 1px solid var(--line);
}

legend {
  display: flex;
  align-items: center;
  gap: 8px;
  float: left;
  width: 100%;
  margin: 0;
  padding: 0;
  border: 0;
  font-size: var(--type-body);
  font-weight: 600;
}

i {
  width: 16px;
  height: 16px;
  border: 1px solid var(--muted);
  border-radius: 3px;
}

.fields {
  clear: both;
}

.colour {
  display: flex;
  align-items: center;
  gap: 8px;
}

input[type='color'] {
  width: 44px;
  height: 32px;
  padding: 0;
  border: 1px solid var(--line);
}
</style>
