<script setup lang="ts">
import { computed } from 'vue'
import type { Option } from '@/api/client'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import { useVocabulary } from '@/speech/vocabulary'

/**
 * Every closing of the press in its order, how the tool is set, and which side is the glue. In brief it
 * leaves out what the steps say as well.
 */
const props = defineProps<{ option: Option; brief?: boolean }>()
/** So many are counted in words. */
const ORDINALS = 10
const { word } = useVocabulary()
/** The count tells it already which press it is. */
const named = (kind: string) => kind === 'MAIN' || kind === 'SECOND'
const presses = computed(() => {
  const recipe = props.option.recipe
  const main = {
    kind: 'MAIN' as const,
    side: recipe.layUp.side,
    cover: recipe.layUp.cover.value,
    setting: { dial: recipe.setting.dial.value, time: recipe.setting.time.value },
  }
  return [...recipe.presses.before, main, ...recipe.presses.after]
})
</script>

<template>
  <div class="presses" :class="{ brief }">
    <p v-if="option.advice.testFirst && !brief" class="test" role="note">{{ option.advice.testFirst }}</p>
    <table v-if="presses.length > 1 && !brief" class="rows">
      <thead>
        <tr>
          <th>{{ $t('press.closing') }}</th>
          <th>{{ $t('press.set') }}</th>
          <th>{{ $t('press.time') }}</th>
          <th>{{ $t('press.cover') }}</th>
          <th>{{ $t('press.side') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(press, n) in presses" :key="n">
          <td>
            {{ n < ORDINALS ? $t(`press.ordinal.${n + 1}`) : `${n + 1}.` }}
            {{ named(press.kind) ? $t('press.main') : word('extrapress', press.kind) }}
          </td>
          <td><TemperatureValue :celsius="press.setting.dial" /></td>
          <td><TimeValue :seconds="press.setting.time" /></td>
          <td>{{ word('cover', press.cover) }}</td>
          <td>{{ word('side', press.side) }}</td>
        </tr>
      </tbody>
    </table>
    <ul>
      <li v-if="option.press && !brief">{{ $t('press.tool', { press: option.press }) }}</li>
      <li v-for="line in option.recipe.presses.tool" :key="line">{{ line }}</li>
      <li v-if="option.recipe.layUp.glueSide">{{ option.recipe.layUp.glueSide }}</li>
      <li v-if="option.recipe.stitch !== 'NOT_NEEDED'">{{ word('stitch', option.recipe.stitch) }}.</li>
    </ul>
  </div>
</template>

<style scoped>
.presses {
  display: grid;
  gap: 8px;
  padding: 6px 0 10px;
}

.test {
  padding: 8px 12px;
  border-left: 4px solid var(--tight);
  background: var(--tight-band);
}

ul {
  padding-left: 18px;
}

.brief ul {
  columns: 2;
  column-gap: 26px;
}

li::first-letter {
  text-transform: uppercase;
}
</style>
