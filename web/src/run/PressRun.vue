<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { useEventListener, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Plan, TicketView } from '@/api/client'
import OutcomeForm from '@/log/OutcomeForm.vue'
import StackDrawing from '@/press/StackDrawing.vue'
import CautionList from '@/plan/CautionList.vue'
import { currentOption } from '@/plan/currentOption'
import { clock } from '@/quantity/format'
import { useKey } from '@/shell/keys'
import { useVocabulary } from '@/speech/vocabulary'
import { forgetRun } from './openRun'
import StepSettings from './StepSettings.vue'
import { useBeep } from './useBeep'
import { useRun } from './useRun'
import { useTimer } from './useTimer'

const props = defineProps<{ ticket: TicketView; plan: Plan; planId: string; runId: string }>()
const router = useRouter()
const client = useQueryClient()
const { title } = useVocabulary()

const { progress, ready, problem, open, report, waiting } = useRun(
  props.runId,
  props.planId,
  props.plan.steps.length,
)
const { sound, unlock, beep } = useBeep()
const timer = useTimer(props.runId, beep)
const wake = useWakeLock()
const noted = ref(false)
const logging = ref(false)

const steps = computed(() => props.plan.steps)
const step = computed(() => steps.value[progress.value.step - 1] ?? null)
const following = computed(() => steps.value[progress.value.step] ?? null)
const pieceDone = computed(() => step.value === null)
const left = props.ticket.pieces - props.ticket.logged
const piece = computed(() =>
  Math.min(props.ticket.pieces, props.ticket.logged + progress.value.piecesDone + 1),
)
/** Whose piece it is: the next of the roster that is not ticked off. */
const whose = computed(() => {
  const open = props.ticket.roster.filter((_, n) => !props.ticket.rosterPieces[n]?.done)
  const entry = open[progress.value.piecesDone]
  return entry ? [entry.number, entry.name, entry.size].filter(Boolean).join(' · ') : ''
})
const allDone = computed(() => props.ticket.logged + progress.value.piecesDone + 1 >= props.ticket.pieces)
/** The Stack of this step, or of the next press while something is done by hand. */
const stack = computed(
  () =>
    step.value?.stack ??
    steps.value.slice(progress.value.step).find((s) => s.stack)?.stack ??
    currentOption(props.plan)?.stack ??
    null,
)

const timed = computed(() => step.value?.timed ?? null)
const pressing = computed(() => step.value?.setting != null)
const stepKey = computed(() => `${progress.value.piecesDone}.${progress.value.step}`)
const counting = computed(() => timer.active.value && timer.isFor(stepKey.value))
const shownTime = computed(() => {
  if (timed.value === null) return null
  return clock(counting.value && timer.left.value !== null ? timer.left.value : timed.value)
})

type Action = 'next' | 'start' | 'goOn' | 'none'
const action = computed<Action>(() => {
  if (timed.value === null) return 'next'
  if (!counting.value) return 'start'
  if (timer.over.value) return 'next'
  return timer.paused.value ? 'goOn' : 'none'
})

function act() {
  unlock()
  if (pieceDone.value || logging.value || !ready.value) return
  noted.value = false
  if (action.value === 'start') {
    timer.start(stepKey.value, timed.value!)
    report('STEP_STARTED', step.value!.number)
  } else if (action.value === 'goOn') {
    pauseOrGoOn()
  } else if (action.value === 'next') {
    timer.clear()
    report('STEP_DONE', step.value!.number)
  }
}

/** A wait may be cut short by the hand that feels the carrier; a press may not be skipped by the same key. */
function endWait() {
  timer.clear()
  report('STEP_DONE', step.value!.number)
}

function pauseOrGoOn() {
  unlock()
  if (!counting.value || timer.over.value) return
  if (timer.paused.value) timer.resume()
  else timer.pause()
  report(timer.paused.value ? 'PAUSED' : 'RESUMED', step.value!.number)
}

function addTime() {
  timer.add(5)
  report('TIME_ADDED', step.value!.number)
}

function again() {
  timer.clear()
  report('STEP_STARTED_AGAIN', step.value!.number)
}

function back() {
  timer.clear()
  report('STEP_BACK', Math.max(1, progress.value.step - 1))
}

function somethingWrong() {
  report('SOMETHING_WRONG', step.value?.number ?? null)
  noted.value = true
}

function nextPiece() {
  report('PIECE_DONE', null)
}

function toLog() {
  logging.value = true
}

function leave() {
  void client.invalidateQueries()
  void router.push({ name: 'ticket', params: { id: props.ticket.id, station: 'press' } })
}

function logged() {
  forgetRun(props.ticket.id)
  timer.clear()
  void client.invalidateQueries()
  void router.push({ name: 'ticket', params: { id: props.ticket.id, station: 'check' } })
}

useEventListener('keydown', (event) => {
  if (event.key !== ' ' || logging.value) return
  const at = event.target as HTMLElement
  if (['INPUT', 'TEXTAREA'].includes(at.tagName)) return
  // The one big key does the next thing wherever the focus is; during a press it does nothing.
  event.preventDefault()
  if (!event.repeat) act()
})
useKey(['p', 'P'], pauseOrGoOn)
useKey(['l', 'L'], toLog)
onMounted(() => {
  void open()
  void wake.request('screen')
})
</script>

<template>
  <div class="run" @pointerdown="unlock">
    <header>
      <strong class="number figure">{{ ticket.name }}</strong>
      <span>
        {{ $t('run.piece', { n: piece, of: ticket.pieces }) }}
        <template v-if="whose">({{ whose }})</template> ·
        {{ $t('run.step', { n: Math.min(progress.step, steps.length), of: steps.length }) }}
      </span>
      <span class="spring" />
      <span>{{ ticket.press.name }}</span>
      <button type="button" class="chip" @click="sound = !sound">
        {{ $t(sound ? 'run.sound' : 'run.mute') }}
      </button>
      <button type="button" class="chip" @click="leave">{{ $t('run.leave') }}</button>
    </header>
    <p v-if="problem" class="unsent" role="alert">{{ problem.message }}</p>
    <p v-else-if="waiting > 0" class="unsent" role="status">{{ $t('run.unsent', { n: waiting }) }}</p>

    <section v-if="logging" class="log">
      <OutcomeForm
        :decorations="ticket.decorations"
        :run-id="runId"
        :pieces="Math.max(1, Math.min(left, progress.finished))"
        :most="left"
        @logged="logged"
        @later="logging = false"
      />
    </section>

    <section v-else-if="pieceDone" class="ended">
      <h1>{{ $t(allDone ? 'run.endAll' : 'run.end') }}</h1>
      <div class="row">
        <button v-if="!allDone" type="button" class="big" @click="nextPiece">
          {{ $t('run.nextPiece') }}
        </button>
        <button type="button" :class="allDone ? 'big' : 'plain'" @click="toLog">
          {{ $t('outcome.title') }} <kbd>L</kbd>
        </button>
        <button type="button" class="plain" @click="back">{{ $t('run.back') }}</button>
      </div>
    </section>

    <div v-else-if="step" class="step">
      <div>
        <p class="kind">{{ title('step', step.kind) }}</p>
        <h1>{{ step.instruction }}</h1>
        <p
          v-if="shownTime !== null"
          class="timer figure"
          :class="{ over: counting && timer.over.value }"
          role="timer"
          data-testid="timer"
        >
          {{ shownTime }}
          <span v-if="counting && timer.over.value" class="unit">{{
            $t(pressing ? 'run.over' : 'run.overWait')
          }}</span>
          <span v-else-if="timer.paused.value && counting" class="unit">{{ $t('run.paused') }}</span>
          <span v-else class="unit">{{ $t('run.left') }}</span>
        </p>
        <StepSettings v-if="step.setting" :setting="step.setting" :peel="following?.peel ?? null" />
        <p v-if="step.meanwhile" class="meanwhile">{{ step.meanwhile }}</p>
        <CautionList class="cautions" :cautions="step.cautions" />
      </div>
      <aside v-if="stack">
        <StackDrawing
          dark
          :stack="stack"
          :depth="ticket.garment.depth"
          :hue="ticket.garment.hue"
          :height="420"
        />
      </aside>
    </div>

    <footer v-if="!logging && !pieceDone && step">
      <button v-if="action === 'none'" type="button" class="big" @click="pauseOrGoOn">
        {{ $t('run.pause') }} <kbd>P</kbd>
      </button>
      <button v-else type="button" class="big" :disabled="!ready" @click="act">
        {{
          $t(
            action === 'start'
              ? pressing
                ? 'run.start'
                : 'run.wait'
              : action === 'goOn'
                ? 'run.goOn'
                : 'run.done',
          )
        }}
        <kbd>Space</kbd>
      </button>
      <button v-if="counting" type="button" class="plain" @click="addTime">{{ $t('run.add') }}</button>
      <button v-if="counting" type="button" class="plain" @click="again">{{ $t('run.again') }}</button>
      <button
        v-if="timed !== null && !pressing && !timer.over.value"
        type="button"
        class="plain"
        @click="endWait"
      >
        {{ $t('run.done') }}
      </button>
      <button v-if="!counting && progress.step > 1" type="button" class="plain" @click="back">
        {{ $t('run.back') }}
      </button>
      <button type="button" class="plain" @click="somethingWrong">
        {{ $t(noted ? 'run.noted' : 'run.wrong') }}
      </button>
      <span class="spring" />
      <p class="next">
        <span>{{ $t('run.next') }}</span>
        {{ following ? following.instruction : $t('outcome.title') }}
      </p>
    </footer>
  </div>
</template>

<style scoped>
.meanwhile {
  padding-top: 10px;
  color: #f0d9c4;
  font-size: 20px;
}

.run {
  display: flex;
  flex-direction: column;
  min-height: 100vh;
}

header {
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 14px 28px;
  color: var(--muted);
}

.number {
  color: #fff;
  font-size: 26px;
}

.spring {
  flex: 1;
}

.chip,
.plain {
  min-height: 44px;
  padding: 0 20px;
  border: 1px solid #8b6f86;
  border-radius: 22px;
  background: none;
  color: #fff;
  font: inherit;
  cursor: pointer;
}

.unsent {
  margin: 0 28px;
  padding: 8px 14px;
  background: #4d2b12;
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
  font: 600 26px var(--figures);
}

h1 {
  color: #fff;
  font: 600 32px/1.25 var(--text);
}

.timer {
  padding-top: 14px;
  font-size: 190px;
  line-height: 0.95;
}

.timer.over {
  color: var(--copper);
}

.unit {
  color: var(--muted);
  font-size: 46px;
}

.cautions {
  margin-top: 14px;
  border-color: var(--copper);
  background: #4d2b12;
  color: #fff;
}

aside {
  padding-top: 8px;
}

footer {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 96px;
  padding: 8px 28px;
  background: var(--velvet);
}

.plain {
  min-height: 60px;
  border-radius: 10px;
  font-size: 17px;
}

.big {
  min-width: 200px;
  min-height: 72px;
  padding: 0 32px;
  border: 0;
  border-radius: 12px;
  background: #b8591a;
  color: #fff;
  font: 600 24px var(--text);
  cursor: pointer;
}

kbd {
  margin-left: 10px;
  padding: 2px 9px;
  border-radius: 6px;
  background: rgb(0 0 0 / 30%);
  font: 600 15px var(--text);
}

.next {
  display: flex;
  flex-direction: column;
  max-width: 330px;
  font-weight: 600;
  text-align: right;
}

.next span {
  color: var(--muted);
  font-weight: 400;
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

  footer {
    flex-wrap: wrap;
  }
}
</style>
