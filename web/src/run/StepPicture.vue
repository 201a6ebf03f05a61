<script setup lang="ts">
import { computed } from 'vue'
import type { Plan, Schemas, Step, TicketView } from '@/api/client'
import GarmentDrawing from '@/place/GarmentDrawing.vue'
import { lying } from '@/place/obstacles'
import { artThing, obstacleThing } from '@/place/things'
import { usePattern } from '@/place/usePattern'
import { useVocabulary } from '@/speech/vocabulary'
import { picture } from './picture'

/** Where a step's hands go on the garment: what is laid where, and which position of the platen it is. */
const props = defineProps<{
  ticket: TicketView
  plan: Plan
  step: Step
  /** Whether the Stack is shown with it. */ beside?: boolean
}>()
const { title } = useVocabulary()
const { data: pattern } = usePattern(() => props.ticket.garment as Schemas['GarmentForm'])

const shown = computed(() => picture(props.plan, props.step))
const outline = computed(() => {
  const both = pattern.value?.pattern
  return both && (shown.value?.face === 'BACK' ? both.back : both.front)
})
const things = computed(() => {
  const { garment, decorations } = props.ticket
  const inTheWay = lying(garment as Schemas['GarmentForm'], pattern.value?.obstacles ?? [])
    .filter((one) => one.face === shown.value?.face)
    .map((one) =>
      obstacleThing(one, title('obstacle', one.what), pattern.value?.hard.includes(one.what) ?? false),
    )
  const art = (shown.value?.art ?? []).flatMap(({ thing, area }) => {
    const form = decorations.find(({ id }) => id === thing)
    return form ? [artThing(form as Schemas['DecorationForm'], form.description, area)] : []
  })
  return [...inTheWay, ...art]
})
</script>

<template>
  <figure v-if="shown && outline" class="picture" :class="{ beside }">
    <GarmentDrawing
      :outline="outline"
      :depth="ticket.garment.depth"
      :hue="ticket.garment.hue"
      :things="things"
      :chosen="step.decoration"
      :platens="shown.positions"
      :now="shown.now"
      :insert="shown.lifted"
      :title="$t('place.drawing', { face: title('garmentface', shown.face) })"
      fixed
    />
    <figcaption v-if="shown.positions.length > 1">
      {{ $t('run.position', { n: shown.now + 1, of: shown.positions.length }) }}
    </figcaption>
  </figure>
</template>

<style scoped>
.picture {
  margin: 0;
  padding: 10px;
  border-radius: 6px;
  background: var(--paper-warm);
}

.picture :deep(svg) {
  max-height: 400px;
}

.picture.beside {
  margin-bottom: 12px;
}

.picture.beside :deep(svg) {
  max-height: 225px;
}

figcaption {
  padding-top: 4px;
  color: var(--paper-ink);
  font: 600 var(--type-lead) var(--text);
  text-align: center;
}
</style>
