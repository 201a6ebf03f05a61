<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import StackDrawing from '@/stack/StackDrawing.vue'
import { capital } from '@/quantity/format'
import LengthValue from '@/quantity/LengthValue.vue'
import { when } from '@/quantity/when'
import RosterCounts from '@/roster/RosterCounts.vue'
import QueryState from '@/shell/QueryState.vue'
import { useVocabulary } from '@/speech/vocabulary'
import CautionList from './CautionList.vue'
import { currentOption } from '@/ticket/currentOption'
import RecipeFigures from './RecipeFigures.vue'
import RecipePresses from './RecipePresses.vue'
import StepList from './StepList.vue'
import { madeAlike } from '@/ticket/tableOf'
import { usePlan, useTicket } from '@/ticket/useTicket'

/** A ticket on one sheet, to walk to the press with. */
const route = useRoute()
const id = computed(() => route.params.id as string)
const { data: ticket, isPending, error, refetch } = useTicket(id)
const planId = computed(() => ticket.value?.planId)
const { data: stored } = usePlan(planId)
const option = computed(() => currentOption(stored.value?.plan ?? null))
/** Every decoration that is pressed, in the order of work. */
const options = computed(() => {
  const plan = stored.value?.plan
  if (!plan) return []
  const ids = plan.together.sequence.length
    ? plan.together.sequence.map(({ decoration }) => decoration)
    : plan.decorations.map(({ decoration }) => decoration)
  return ids.flatMap((id) => {
    const found = currentOption(plan, id)
    const described = ticket.value?.decorations.find((one) => one.id === id)?.description ?? ''
    return found ? [{ id, description: described, option: found }] : []
  })
})
/** What is done before the press; things that are made alike stand together. */
const table = computed(() => (stored.value ? madeAlike(stored.value.plan, options.value) : []))
/** So much to do that it is set smaller, to stay on its sheet. */
const dense = computed(() => (stored.value?.plan.steps.length ?? 0) > 16)
const { title, word } = useVocabulary()
const print = () => window.print()
</script>

<template>
  <main id="work" class="card" :class="{ dense }">
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <template v-if="ticket">
        <div class="tools no-print">
          <a-button type="primary" @click="print">{{ $t('card.print') }}</a-button>
          <RouterLink :to="{ name: 'ticket', params: { id, station: 'press' } }">{{
            $t('card.back')
          }}</RouterLink>
        </div>
        <header>
          <h1>{{ ticket.name }} {{ ticket.title }}</h1>
          <p>
            {{ ticket.pieces }} × {{ ticket.garment.name }}, {{ ticket.garment.colour }},
            {{ ticket.garment.label }}, {{ word('fabric', ticket.garment.fabric) }}.
            <template v-if="ticket.garment.sizes.length">
              {{ $t('garment.sizes') }}: {{ ticket.garment.sizes.join(', ') }}.
            </template>
            {{ capital($t('ticket.due', { when: when(ticket.dueAt) })) }}. {{ ticket.press.name }}.
          </p>
          <p v-for="decoration in ticket.decorations" :key="decoration.id">
            <strong>{{ decoration.description }}</strong>, <LengthValue :millimetres="decoration.width" /> ×
            <LengthValue :millimetres="decoration.height" />, {{ word('placement', decoration.placement)
            }}<template v-if="currentOption(stored?.plan ?? null, decoration.id)"
              >: {{ currentOption(stored!.plan, decoration.id)!.name }},
              {{
                word(
                  'orientation',
                  currentOption(stored!.plan, decoration.id)!.recipe.layUp.orientation.value,
                )
              }}
            </template>
          </p>
        </header>
        <template v-if="stored">
          <template v-for="one in options" :key="one.id">
            <h2 v-if="options.length > 1">{{ one.description }}</h2>
            <RecipeFigures :option="one.option" />
            <RecipePresses :option="one.option" brief />
          </template>
          <div class="columns">
            <div>
              <template v-if="ticket.roster.length">
                <h2>{{ $t('roster.tick') }}</h2>
                <ul class="roster">
                  <li v-for="(entry, n) in ticket.roster" :key="n">
                    ☐ {{ [entry.number, entry.name, entry.size].filter(Boolean).join(' · ') }}
                  </li>
                </ul>
                <RosterCounts :roster="ticket.roster" sizes-only />
              </template>
              <h2>{{ $t('card.steps') }}</h2>
              <StepList :steps="stored.plan.steps" />
              <h2>{{ $t('card.care') }}</h2>
              <ul class="care">
                <li v-for="line in stored.plan.care" :key="line">{{ line }}</li>
              </ul>
            </div>
            <div>
              <template v-if="option">
                <h2>{{ $t('card.stack') }}</h2>
                <StackDrawing
                  :stack="option.stack"
                  :depth="ticket.garment.depth"
                  :hue="ticket.garment.hue"
                  :height="dense ? 250 : 330"
                />
                <h2>{{ $t('card.before') }}</h2>
                <template v-for="alike in table" :key="alike.names[0]">
                  <h3 v-if="table.length > 1">{{ alike.names.join(', ') }}</h3>
                  <ul>
                    <li v-for="line in alike.lines" :key="line">{{ line }}</li>
                  </ul>
                </template>
              </template>
              <h2>{{ $t('card.notes') }}</h2>
              <div class="notes" />
            </div>
          </div>
          <h2>{{ capital($t('card.cautions')) }}</h2>
          <CautionList :cautions="stored.plan.cautions" />
        </template>
        <a-skeleton v-else-if="ticket.planId" active />
        <p v-else>{{ $t('press.first') }} {{ title('medium', ticket.decorations[0]?.medium) }}</p>
      </template>
    </QueryState>
  </main>
</template>

<style scoped>
.card {
  box-sizing: border-box;
  max-width: 900px;
  margin: 16px auto;
  padding: 24px 30px;
  background: var(--sheet);
}

.tools {
  display: flex;
  align-items: center;
  gap: 16px;
  margin-bottom: 14px;
}

header {
  padding-bottom: 10px;
}

h2 {
  padding: 10px 0 4px;
  font-size: var(--type-lead);
}

.roster {
  columns: 2;
  padding: 0;
  list-style: none;
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 26px;
}

.notes {
  height: 60px;
  border: 1px solid var(--outline);
}

@media print {
  @page {
    margin: 12mm;
    size: A4;
  }

  .card {
    max-width: none;
    margin: 0;
    padding: 0;
    background: var(--paper);
    font-size: var(--type-fine);
    line-height: 1.3;
  }

  .dense {
    font-size: var(--type-small);
    line-height: 1.2;
  }

  .dense :deep(.steps) {
    font-size: var(--type-print-note);
    line-height: 1.2;
  }

  .dense :deep(.steps li) {
    padding: 1px 0;
  }

  .dense .notes {
    height: 36px;
  }

  h1 {
    font-size: var(--type-section);
  }

  h2 {
    padding: 6px 0 2px;
    font-size: var(--type-note);
  }

  ul {
    padding-left: 16px;
  }

  .care {
    columns: 2;
  }

  .columns {
    grid-template-columns: minmax(0, 1.9fr) minmax(0, 1fr);
    gap: 18px;
  }
}
</style>
