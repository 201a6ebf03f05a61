<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, toRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Plan, TicketView } from '@/api/client'
import { touched } from '@/api/queries'
import OutcomeForm from '@/log/OutcomeForm.vue'
import StackDrawing from '@/stack/StackDrawing.vue'
import CautionList from '@/plan/CautionList.vue'
import { useVocabulary } from '@/speech/vocabulary'
import { forgetRun } from '@/ticket/openRun'
import PlanChoice from './PlanChoice.vue'
import RunHead from './RunHead.vue'
import RunKeys from './RunKeys.vue'
import { picture } from './picture'
import { finished, type EventKind } from './progress'
import StepPicture from './StepPicture.vue'
import StepSettings from './StepSettings.vue'
import StepTimer from './StepTimer.vue'
import { usePlanChoice } from './usePlanChoice'
import { useBeep } from './useBeep'
import { useRun } from './useRun'
import { usePiece, useStep } from './useStep'
import { useRunKeyboard } from './useRunKeyboard'
import { useStepKeys } from './useStepKeys'
import { useTimer } from './useTimer'

/** One run, step by step, on the whole screen. */
const props = defineProps<{ ticket: TicketView; plan: Plan; planId: string; runId: string }>()
const router = useRouter()
const client = useQueryClient()
const { title } = useVocabulary()

const steps = props.plan.steps.length
const run = useRun(props.runId, props.planId, steps)
const { progress, ready, problem, open, waiting, elsewhere } = run
const { sound, unlock, beep } = useBeep()
const wake = useWakeLock()
const noted = ref(false)
const logging = ref(false)

const { at, piece, last, whose } = usePiece(toRef(props, 'ticket'), progress)
const { step, following, stack } = useStep(props.plan, at)
const ofPiece = (kind: EventKind, number: number | null, seconds?: number) =>
  run.report(kind, { piece: at.value.piece, step: number, seconds: seconds ?? null })
const timer = useTimer(
  computed(() => at.value.timer),
  run.now,
  beep,
)
const keys = useStepKeys({ step, at, timer, report: ofPiece })
const { timed, counting, action } = keys
const choice = usePlanChoice(props.runId, props.ticket.id, () => props.ticket.planCurrent)
/** Whether what is done here is kept: the run is open, and done from this screen. */
const mine = computed(() => ready.value && !elsewhere.value)
/** A time that runs is seen to its end; nothing else begins before somebody says what the run goes by. */
const free = computed(() => mine.value && (!choice.open.value || counting.value))
const pressing = computed(() => step.value?.setting != null)
const timeLeft = computed(() => (counting.value ? timer.left.value : null) ?? timed.value)
const over = computed(() => counting.value && timer.over.value)
/** The garment where hands have to find a place on it, else the Stack. */
const pictured = computed(() => {
  const shown = step.value ? picture(props.plan, step.value) : null
  return shown !== null && (shown.positions.length !== 1 || !step.value?.stack)
})
/** Pieces that are not logged yet. */
const left = computed(() => props.ticket.pieces - props.ticket.logged)

function act() {
  unlock()
  if (!step.value || logging.value || !free.value) return
  noted.value = false
  keys.act()
}

function pauseOrGoOn() {
  unlock()
  if (mine.value) keys.pauseOrGoOn()
}

function somethingWrong() {
  ofPiece('SOMETHING_WRONG', step.value?.number ?? null)
  noted.value = true
}

function toLog() {
  logging.value = true
}

function asPlanned() {
  choice.goOn()
  ofPiece('AS_PLANNED', null)
}

function toTicket(station: 'method' | 'press' | 'check') {
  void touched(client, 'outcome')
  void router.push({ name: 'ticket', params: { id: props.ticket.id, station } })
}

function logged() {
  forgetRun(props.ticket.id)
  toTicket('check')
}

/** With one heat for all, the tools stand as the piece before left them. */
const stands = props.plan.steps.every(({ round }) => round === 1)
watch([step, free], ([now, open]) => {
  if (open && stands && now?.kind === 'SET' && progress.value.aside.length > 0)
    ofPiece('STEP_DONE', now.number)
})

useRunKeyboard({ act, pauseOrGoOn, toLog }, logging)
onMounted(() => {
  void open()
  void wake.request('screen')
})
</script>

<template>
  <div class="run" @pointerdown="unlock">
    <RunHead
      v-model:sound="sound"
      :name="ticket.name"
      :piece="piece"
      :pieces="ticket.pieces"
      :whose="whose"
      :step="Math.min(at.step, steps)"
      :steps="steps"
      :press="ticket.press.name"
      @leave="toTicket('press')"
    />
    <p v-if="problem" class="unsent" role="alert">{{ problem.message }}</p>
    <p v-else-if="waiting > 0" class="unsent" role="status">{{ $t('run.unsent', { n: waiting }) }}</p>

    <p v-if="ready && elsewhere" class="elsewhere" role="status">
      {{ $t('run.elsewhere') }}
      <button type="button" class="plain" @click="run.takeOver">{{ $t('run.takeOver') }}</button>
    </p>

    <PlanChoice
      v-if="mine && choice.open.value"
      :lines="choice.lines.value"
      @anew="toTicket('method')"
      @as-planned="asPlanned"
    />

    <section v-if="logging" class="log">
      <OutcomeForm
        :decorations="ticket.decorations"
        :run-id="runId"
        :pieces="Math.max(1, Math.min(left, finished(progress, steps)))"
        :most="left"
        @logged="logged"
        @later="logging = false"
      />
    </section>

    <section v-else-if="!step" class="ended">
      <h1>{{ $t(last ? 'run.endAll' : 'run.end') }}</h1>
      <div class="row">
        <button v-if="!last" type="button" class="big" :disabled="!free" @click="ofPiece('PIECE_DONE', null)">
          {{ $t('run.nextPiece') }}
        </button>
        <button type="button" :class="last ? 'big' : 'plain'" @click="toLog">
          {{ $t('outcome.title') }} <kbd>L</kbd>
        </button>
        <button type="button" class="plain" :disabled="!mine" @click="keys.back">{{ $t('run.back') }}</button>
      </div>
    </section>

    <template v-else>
      <div class="step">
        <div>
          <p class="kind">{{ title('step', step.kind) }}</p>
          <h1>{{ step.instruction }}</h1>
          <p v-if="step.where" class="where">{{ step.where }}</p>
          <StepTimer
            v-if="timeLeft !== null"
            :left="timeLeft"
            :over="over"
            :paused="counting && timer.paused.value"
            :pressing="pressing"
          />
          <StepSettings v-if="step.setting" :setting="step.setting" :peel="following?.peel ?? null" />
          <p v-if="step.meanwhile" class="meanwhile">{{ step.meanwhile }}</p>
          <CautionList class="cautions" :cautions="step.cautions" />
        </div>
        <aside v-if="stack || pictured">
          <StepPicture
            v-if="pictured"
            :ticket="ticket"
            :plan="plan"
            :step="step"
            :beside="step.stack !== null"
          />
          <StackDrawing
            v-if="stack && (!pictured || step.stack)"
            dark
            :stack="stack"
            :depth="ticket.garment.depth"
            :hue="ticket.garment.hue"
            :height="pictured ? 230 : 420"
          />
        </aside>
      </div>
      <RunKeys
        :action="action"
        :ready="free"
        :pressing="pressing"
        :counting="counting"
        :cuttable="timed !== null && !pressing && !timer.over.value"
        :first="at.step === 1"
        :noted="noted"
        :next="following?.instruction ?? null"
        @act="act"
        @pause="pauseOrGoOn"
        @add="keys.addTime"
        @again="keys.again"
        @end="keys.end"
        @back="keys.back"
        @wrong="somethingWrong"
      />
    </template>
  </div>
</template>

<style scoped src="./keys.css"></style>
<style scoped>
.run {
  display: flex;
  flex-direction: column;
  min-height: 100vh;
}

.unsent {
  margin: 0 28px;
  padding: 8px 14px;
  background: var(--hot-ground);
}

.elsewhere {
  display: flex;
  align-items: center;
  gap: 16px;
  margin: 0 28px;
  padding: 8px 14px;
  background: var(--velvet);
  color: var(--on-dark);
  font-size: var(--type-section);
}

.step {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, 1.9fr) minmax(300px, 1fr);
  gap: 32px;
  padding: 6px 28px 16px;
}

.kind {
  color: var(--copper);
  font: 600 var(--type-headline) var(--figures);
}

h1 {
  color: var(--on-dark);
  font: 600 var(--type-far)/1.25 var(--text);
}

.where {
  padding-top: 6px;
  color: var(--on-dark);
  font-size: var(--type-section);
}

.meanwhile {
  padding-top: 10px;
  color: var(--on-hot);
  font-size: var(--type-section);
}

.cautions {
  margin-top: 14px;
  border-color: var(--copper);
  background: var(--hot-ground);
  color: var(--on-dark);
}

aside {
  padding-top: 8px;
}

.ended,
.log {
  flex: 1;
  padding: 40px 28px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  padding-top: 28px;
}

.row .plain {
  min-height: 72px;
}

@media (max-width: 899px) {
  .step {
    grid-template-columns: 1fr;
  }
}
</style>
