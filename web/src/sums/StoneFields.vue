<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import { partOf } from '@/form/parts'
import { useVocabulary } from '@/speech/vocabulary'
import ShapeFields from './ShapeFields.vue'
import StoneLayer from './StoneLayer.vue'
import type { Layer, Stones } from './sums'

/** Stones: what they are laid on, each colour with its sizes and its way of lying, and the tool. */
const stones = defineModel<Stones>({ required: true })
defineProps<{
  drawn: boolean
  /** What they lie on while nothing else is said: the garment. */
  garment: string
}>()
const { options } = useVocabulary()
const shape = partOf(stones, 'shape')
const layers = partOf(stones, 'layers')
const gap = partOf(stones, 'gap')
const tool = partOf(stones, 'tool')
const clearance = partOf(stones, 'clearance')
const sheetWidth = partOf(stones, 'sheetWidth')
const sheetHeight = partOf(stones, 'sheetHeight')
const cloth = partOf(stones, 'cloth')
const loss = computed({
  get: () => Math.round(stones.value.loss * 1000) / 10,
  set: (percent) => (stones.value = { ...stones.value, loss: percent / 100 }),
})
const fromArt = computed(() => shape.value.from === 'ART')
const shown = computed(() => (fromArt.value ? layers.value : layers.value.slice(0, 1)))

function change(n: number, layer: Layer) {
  layers.value = layers.value.map((each, i) => (i === n ? layer : each))
}
</script>

<template>
  <div class="fields">
    <ShapeFields v-model="shape" :drawn="drawn" line />
    <LengthField id="stone-gap" v-model="gap" :label="$t('sums.stoneGap')" :min="0.05" :max="20" />
    <ChoiceField
      id="stone-tool"
      v-model="tool"
      :label="$t('sums.stoneTool')"
      :options="options('stonetool')"
    />
    <LengthField
      v-if="tool === 'STENCIL'"
      id="stone-clearance"
      v-model="clearance"
      :label="$t('sums.clearance')"
      :min="0.1"
      :max="2"
    />
    <LengthField
      v-if="tool !== 'WAND'"
      id="stone-sheet-width"
      v-model="sheetWidth"
      :label="$t('sums.sheetWidth')"
      :min="20"
      :max="2000"
    />
    <LengthField
      v-if="tool !== 'WAND'"
      id="stone-sheet-height"
      v-model="sheetHeight"
      :label="$t('sums.sheetHeight')"
      :min="20"
      :max="2000"
    />
    <NumberField id="stone-loss" v-model="loss" :label="$t('sums.loss')" :min="0" :max="50" unit="%" />
    <div class="colour">
      <label for="stone-cloth">{{ $t('sums.clothColour') }}</label>
      <input
        id="stone-cloth"
        type="color"
        :value="cloth ?? garment"
        @change="cloth = ($event.target as HTMLInputElement).value"
      />
      <a-button v-if="cloth" size="small" type="link" @click="cloth = null">{{
        $t('sums.asGarment')
      }}</a-button>
    </div>
  </div>
  <StoneLayer
    v-for="(layer, n) in shown"
    :id="`stone-layer-${n}`"
    :key="n"
    :model-value="layer"
    :art="fromArt"
    :line="shape.from === 'LINE'"
    @update:model-value="change(n, $event)"
    @remove="layers = layers.filter((_, i) => i !== n)"
  />
</template>

<style scoped>
.colour {
  display: flex;
  flex-wrap: wrap;
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
