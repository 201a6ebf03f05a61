<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Trial } from '@/presswindow/useTrial'
import WindowPanel from '@/presswindow/WindowPanel.vue'
import { when } from '@/quantity/when'
import PlacedDrawing from '@/place/PlacedDrawing.vue'
import RosterTicks from '@/roster/RosterTicks.vue'
import { openRun } from '@/ticket/openRun'
import { formOf } from '@/ticket/blankTicket'
import CautionList from '@/plan/CautionList.vue'
import DecorationTabs from '@/ticket/DecorationTabs.vue'
import { currentOption } from '@/ticket/currentOption'
import MarginBar from '@/presswindow/MarginBar.vue'
import PlanAged from '@/plan/PlanAged.vue'
import RecipeFigures from '@/plan/RecipeFigures.vue'
import RecipePresses from '@/plan/RecipePresses.vue'
import StepList from '@/plan/StepList.vue'
import TogetherPanel from '@/plan/TogetherPanel.vue'
import { keptTicket, useAside } from './openTicket'

const { ticket, stored, presses, art, at, busy, tried, settle, go } = keptTicket()
useAside(() => ({ thing: null, stack: 'kept', story: true }))
const router = useRouter()
const option = computed(() => currentOption(stored.value?.plan ?? null, at.value))
/** The press of this thing, where it should be measured again. */
const drifted = computed(() =>
  presses.value.find(({ press, measuredLongAgo }) => measuredLongAgo && press.name === option.value?.press),
)
const thing = computed(() => art.value?.id)
const trial = computed<Trial | null>(() =>
  option.value && thing.value
    ? { ticket: formOf(ticket.value), decoration: thing.value, medium: option.value.medium }
    : null,
)
const practise = () =>
  router.push({ name: 'practice', query: { ticket: ticket.value.id, thing: thing.value } })
const { data: open } = useQuery({
  queryKey: ['runs', 'open', () => ticket.value.id, () => ticket.value.planId],
  queryFn: () => (ticket.value.planId ? openRun(ticket.value.id, ticket.value.planId) : null),
})
const done = computed(() => ticket.value.logged >= ticket.value.pieces)
</script>

<template>
  <div>
    <div v-if="!ticket.planId" class="sheet box">
      {{ $t('press.first') }}
      <a-button type="primary" @click="go('method')">{{ $t('press.toMethod') }}</a-button>
    </div>
    <a-skeleton v-else-if="!stored" active />
    <template v-else>
      <div class="head">
        <h2>{{ $t('press.title') }}</h2>
        <span class="actions">
          <a-button :href="`/api/tickets/${ticket.id}/proof.pdf`" target="_blank">{{
            $t('exchange.proof')
          }}</a-button>
          <a-button :href="`/api/tickets/${ticket.id}/file`" :download="`${ticket.name}.json`">{{
            $t('exchange.ticketOut')
          }}</a-button>
          <a-button v-if="thing && option" @click="practise">{{ $t('practice.tryFirst') }}</a-button>
          <a-button @click="router.push({ name: 'card', params: { id: ticket.id } })">{{
            $t('press.card')
          }}</a-button>
          <a-button
            type="primary"
            size="large"
            @click="router.push({ name: 'at-the-press', params: { id: ticket.id } })"
          >
            {{ $t(open ? 'press.go' : 'press.start') }}
          </a-button>
        </span>
      </div>
      <PlanAged :ticket-id="ticket.id" :current="ticket.planCurrent">
        <a-button size="small" @click="go('method')">{{ $t('press.toMethod') }}</a-button>
      </PlanAged>
      <p v-if="done" class="muted">{{ $t('press.all') }}</p>
      <p v-if="drifted" class="stale" role="note">
        {{ $t('press.longAgo', { press: drifted.press.name }) }}
        <a-button size="small" @click="router.push({ name: 'presses' })">{{ $t('press.measure') }}</a-button>
      </p>
      <DecorationTabs v-model="at" :decorations="ticket.decorations" />
      <template v-if="option">
        <RecipeFigures :option="option" />
        <div v-if="!trial || !ticket.planCurrent" class="margins">
          <MarginBar :margin="option.margins.hold" reason />
          <MarginBar :margin="option.margins.mark" reason />
          <MarginBar :margin="option.margins.bleed" reason />
        </div>
        <WindowPanel
          v-if="trial && ticket.planCurrent"
          :trial="trial"
          :kept="[option.margins.hold, option.margins.mark, option.margins.bleed]"
          :busy="busy"
          @tried="tried = $event"
          @keep="settle(trial.decoration, $event)"
        />
        <RecipePresses :option="option" />
      </template>
      <PlacedDrawing v-if="thing" class="where" :ticket="ticket" :plan="stored.plan" :decoration="thing" />
      <TogetherPanel
        v-if="stored.plan.together.sequence.length > 1"
        :plan="stored.plan"
        :decorations="ticket.decorations"
        told
      />
      <RosterTicks v-if="ticket.roster.length" :ticket="ticket" />
      <CautionList :cautions="stored.plan.cautions" />
      <h3 class="steps">{{ $t('press.steps') }}</h3>
      <StepList :steps="stored.plan.steps" />
      <p class="muted made">
        {{ $t('press.made', { n: stored.number, rules: stored.plan.rules, when: when(stored.createdAt) }) }}
      </p>
    </template>
  </div>
</template>

<style scoped>
.box {
  padding: 16px 20px;
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  padding-bottom: 6px;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

.stale {
  padding: 8px 12px;
  background: var(--tight-band);
}

.margins {
  display: grid;
  gap: 2px;
  padding: 12px 0;
}

.where {
  padding: 8px 0 14px;
}

.steps {
  padding: 14px 0 6px;
}

.made {
  padding-top: 12px;
  font-size: var(--type-fine);
}
</style>
