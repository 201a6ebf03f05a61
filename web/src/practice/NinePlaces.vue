<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { degrees } from '@/quantity/format'
import { useUnits } from '@/quantity/units'

/** What one question came to at nine places of the art, seen from above. */
const props = defineProps<{
  places: Schemas['PlaceResult'][]
  question: 'hold' | 'mark' | 'bleed'
}>()
const { t } = useI18n()
const { temperature } = useUnits()
const SIGNS: Record<string, string> = { SAFE: '✓', TIGHT: '!', NO: '×' }
const cells = computed(() =>
  props.places.map((place, n) => {
    const { verdict } = place.ending[props.question]
    return {
      verdict: verdict.toLowerCase(),
      sign: SIGNS[verdict],
      said: t('practice.placeSaid', {
        place: t(`practice.places.${n}`),
        word: t(`practice.came.${props.question}.${verdict}`),
        degrees: `${degrees(place.platen, temperature.value)} ${temperature.value}`,
      }),
    }
  }),
)
</script>

<template>
  <figure>
    <figcaption>{{ $t(`question.${question.toUpperCase()}`) }}</figcaption>
    <ul>
      <li v-for="cell in cells" :key="cell.said" :class="cell.verdict" :title="cell.said">
        <span aria-hidden="true">{{ cell.sign }}</span>
        <span class="visually-hidden">{{ cell.said }}</span>
      </li>
    </ul>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

figcaption {
  padding-bottom: 4px;
  font-weight: 600;
}

ul {
  display: grid;
  grid-template-columns: repeat(3, 32px);
  gap: 3px;
  padding: 0;
  list-style: none;
}

li {
  position: relative;
  display: grid;
  place-items: center;
  height: 28px;
  border-radius: 4px;
  font-weight: 700;
}

.safe {
  background: var(--safe-band);
}

.tight {
  background: var(--tight-band);
}

.no {
  background: var(--no-band);
}
</style>
