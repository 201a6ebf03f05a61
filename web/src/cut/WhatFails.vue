<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import LengthValue from '@/quantity/LengthValue.vue'
import type { Design, DesignReading, Fault, Typing } from './designs'
import FaultList from './FaultList.vue'
import LetterFields from './LetterFields.vue'

/** What fails in a cut design, and letters set anew for a shape that is broken all over. */
const design = defineModel<Design>({ required: true })
const chosen = defineModel<Fault | null>('chosen', { required: true })
const typing = defineModel<Typing | null>('typing', { required: true })
const props = defineProps<{ reading: DesignReading }>()
/** More of them are told by the list of faults. */
const SHOWN = 12

const broken = computed(() =>
  props.reading.layers.flatMap(({ colour, broken: shapes }) => shapes.map((shape) => ({ colour, shape }))),
)

function show(path: string) {
  if (typing.value) typing.value = { ...typing.value, path }
}

function set(replacement: Schemas['Replacement']) {
  design.value = { ...design.value, replacements: [...design.value.replacements, replacement] }
  typing.value = null
}

function undo(n: number) {
  design.value = { ...design.value, replacements: design.value.replacements.filter((_, i) => i !== n) }
}
</script>

<template>
  <section>
    <h3>{{ $t('cut.faults') }}</h3>
    <ul v-if="broken.length" class="broken">
      <li v-for="({ colour, shape }, n) in broken.slice(0, SHOWN)" :key="n">
        {{ $t('cut.brokenShape', { n: shape.faults }) }}
        <LengthValue :millimetres="Math.round(shape.box.width * 10) / 10" /> ×
        <LengthValue :millimetres="Math.round(shape.box.height * 10) / 10" />
        <a-button size="small" @click="typing = { colour, box: shape.box, path: '' }">{{
          $t('cut.retype')
        }}</a-button>
      </li>
    </ul>
    <LetterFields
      v-if="typing"
      :key="JSON.stringify(typing.box)"
      :box="typing.box"
      :colour="typing.colour"
      @show="show"
      @set="set"
      @close="typing = null"
    />
    <p v-for="(each, n) in design.replacements" :key="n" class="set">
      {{ $t('cut.replaced', { text: each.text }) }}
      <a-button size="small" @click="undo(n)">{{ $t('cut.undo') }}</a-button>
    </p>
    <FaultList :reading="reading" :chosen="chosen" @choose="(layer, fault) => (chosen = { layer, fault })" />
  </section>
</template>

<style scoped>
h3 {
  margin-top: 10px;
}

.broken {
  padding: 4px 0 4px 20px;
}

.broken li {
  padding: 3px 0;
}

.broken .ant-btn {
  margin-left: 10px;
}

.set {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding: 6px 0;
}
</style>
