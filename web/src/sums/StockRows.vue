<script setup lang="ts">
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import TakeAway from '@/form/TakeAway.vue'
import SwitchField from '@/form/SwitchField.vue'
import type { Stock } from './sums'

/** Pieces of a material to cut from: sheets, remnants and rolls. */
const stocks = defineModel<Stock[]>({ required: true })
defineProps<{ id: string; title: string }>()

function change(n: number, by: Partial<Stock>) {
  stocks.value = stocks.value.map((each, i) => (i === n ? { ...each, ...by } : each))
}
</script>

<template>
  <fieldset>
    <legend>{{ title }}</legend>
    <div v-for="(stock, n) in stocks" :key="n" class="row">
      <NumberField
        :id="`${id}-count-${n}`"
        :model-value="stock.count"
        :label="$t('sums.pieces')"
        :min="1"
        :max="50"
        whole
        @update:model-value="change(n, { count: $event })"
      />
      <LengthField
        :id="`${id}-width-${n}`"
        :model-value="stock.width"
        :label="$t('cut.width')"
        :min="10"
        :max="2000"
        @update:model-value="change(n, { width: $event })"
      />
      <LengthField
        :id="`${id}-length-${n}`"
        :model-value="stock.length"
        :label="$t('sums.length')"
        :min="10"
        :max="5000"
        @update:model-value="change(n, { length: $event })"
      />
      <SwitchField
        :id="`${id}-roll-${n}`"
        :model-value="stock.roll"
        :label="$t('sums.roll')"
        @update:model-value="change(n, { roll: $event })"
      />
      <TakeAway
        :label="$t('sums.removeStock', { what: title, n: n + 1 })"
        @away="stocks = stocks.filter((_, i) => i !== n)"
      />
    </div>
    <a-button
      v-if="stocks.length < 20"
      size="small"
      @click="stocks = [...stocks, { width: 216, length: 279, roll: false, count: 1 }]"
    >
      {{ $t('sums.addStock') }}
    </a-button>
  </fieldset>
</template>

<style scoped>
fieldset {
  margin: 6px 0;
  padding: 0;
  border: 0;
}

legend {
  margin: 0;
  padding: 0;
  border: 0;
  font-size: var(--type-body);
  font-weight: 600;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  padding: 4px 0;
}

.row > :nth-child(1) {
  flex: 0 0 80px;
}

.row > :nth-child(2),
.row > :nth-child(3) {
  flex: 1 1 110px;
}
</style>
