<script setup lang="ts">
import { computed, watch } from 'vue'
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import { partOf } from '@/form/parts'
import SwitchField from '@/form/SwitchField.vue'
import { useVocabulary } from '@/speech/vocabulary'
import ShapeFields from './ShapeFields.vue'
import StoneLayer from './StoneLayer.vue'
import { layersFor, type Layer, type Stones } from './sums'

/** Stones: what they are laid on, each colour with its sizes and its way of lying, and the tool. */
const stones = defineModel<Stones>({ required: true })
const props = defineProps<{
  /** Those of the drawing that are cut; none where none was brought. */
  colours: string[]
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
/** Colours of the drawing that get no stones. */
const left = computed(() =>
  fromArt.value ? props.colours.filter((colour) => !layers.value.some(({ art }) => art === colour)) : [],
)
watch(fromArt, (now) => {
  if (now && !layers.value.some(({ art }) => art !== null))
    layers.value = layersFor(layers.value, props.colours)
})
const uses = partOf(stones, 'uses')
const distance = partOf(stones, 'distance')
const turned = partOf(stones, 'turned')

function change(n: number, layer: Layer) {
  layers.value = layers.value.map((each, i) => (i === n ? layer : each))
}
</script>

<template>
  <div class="fields">
    <ShapeFields v-model="shape" :drawn="colours.length > 0" line />
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
    <NumberField id="stone-uses" v-model="uses" :label="$t('sums.uses')" :min="1" :max="20" whole />
    <LengthField
      v-if="uses > 1"
      id="stone-distance"
      v-model="distance"
      :label="$t('sums.distance')"
      :min="-50"
      :max="200"
    />
    <SwitchField v-if="uses > 1" id="stone-turned" v-model="turned" :label="$t('sums.turned')" />
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
    :only="shown.length === 1"
    @update:model-value="change(n, $event)"
    @remove="layers = layers.filter((_, i) => i !== n)"
  />
  <a-button
    v-for="art in left"
    :key="art"
    size="small"
    @click="layers = [...layers, { ...layers[0]!, art, colour: art }]"
  >
    {{ $t('sums.insteadOf', { colour: art }) }}
  </a-button>
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
