<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Problem } from '@/api/client'
import { said } from '@/exchange/file'
import LengthValue from '@/quantity/LengthValue.vue'
import { capital } from '@/quantity/format'
import { useVocabulary } from '@/speech/vocabulary'
import { currentOption, needsCutting } from '@/ticket/currentOption'
import DecorationTabs from '@/ticket/DecorationTabs.vue'
import { middle } from '@/place/area'
import PlacedDrawing from '@/place/PlacedDrawing.vue'
import { artLies } from '@/place/things'
import { useBeside } from '@/shell/beside'
import BesideIt from '@/shell/BesideIt.vue'
import { tableOf } from '@/ticket/tableOf'
import { useCut } from '@/ticket/useTicket'
import QueryState from '@/shell/QueryState.vue'
import ArtIn from '@/cut/ArtIn.vue'
import { cutColours, newDesign, readAgain, type ArtView, type Design } from '@/cut/designs'
import DesignWork from '@/cut/DesignWork.vue'
import LayOut from '@/cut/LayOut.vue'
import { useCutting, useReading, useReadings } from '@/cut/useCutting'
import SumsPanel from '@/sums/SumsPanel.vue'
import { useMessage } from '@/shell/useMessage'
import { keptTicket, useAside } from './openTicket'

const { form, ticket, stored, at, go, flow: keepWith } = keptTicket()
const plan = computed(() => stored.value?.plan ?? null)
const { t } = useI18n()
type Tab = 'art' | 'lay' | 'sums'
const tab = ref<Tab>('art')
useAside(() => ({
  thing: stored.value || tab.value === 'sums' ? t(tab.value === 'sums' ? 'sums.thing' : 'cut.thing') : null,
  stack: 'kept',
}))
const cut = useCut()
const worked = computed(() =>
  form.value.decorations.some(({ id }) => needsCutting(currentOption(plan.value, id))),
)
const isCut = computed(() => ['PRESS', 'CHECK', 'DONE'].includes(ticket.value.station ?? ''))
const begun = computed(() => ticket.value.station !== 'CUT' && ticket.value.station !== 'PRESS')

const message = useMessage()
async function say(done: boolean) {
  try {
    await cut.mutateAsync({ id: ticket.value.id, done })
    if (done) go('press')
  } catch (e) {
    message.error(said(e))
  }
}
const { title } = useVocabulary()
const option = computed(() => currentOption(plan.value, at.value))
const art = computed(
  () => form.value.decorations.find(({ id }) => id === at.value) ?? form.value.decorations[0]!,
)

const {
  form: cutForm,
  layout,
  arts,
  error,
  isPending,
  refetch,
  saving,
  unsaved,
  problem,
  change,
  changeDesign,
  took,
} = useCutting(
  computed(() => ticket.value.id),
  computed(() => ticket.value.decorations.map(({ id }) => id) ?? []),
)
const design = computed(
  () => cutForm.value?.designs.find(({ decoration }) => decoration === art.value.id) ?? null,
)
const drawing = computed(() => arts.value.find(({ id }) => id === design.value?.artId) ?? null)
const fresh = ref<ArtView | null>(null)
const { reading, work, problem: unread, stop, again } = useReading(design)
const { readings, keep, readMissing } = useReadings(cutForm)
watch(reading, (now) => {
  if (now && design.value) keep(design.value, now)
})
const beside = useBeside()
/** Whether there is art or a layout to be shown; until then it is the garment that it is cut for. */
const drawn = computed(
  () =>
    tab.value === 'sums' ||
    Boolean(
      needsCutting(option.value) && design.value && (tab.value === 'art' ? reading.value : layout.value),
    ),
)
watch(tab, (now) => {
  if (now === 'lay') void readMissing()
})

function brought(artIn: ArtView) {
  fresh.value = artIn
  // Stones and patches are summed up before a method is taken; what is taken then is what it is cut from.
  changeDesign(newDesign(art.value, artIn, option.value?.medium ?? art.value.medium ?? 'stone-sheet'))
}

function readInAnotherWay(artIn: ArtView) {
  if (!design.value) return
  fresh.value = artIn
  changeDesign(readAgain(design.value, artIn))
}

/** A medium that was chosen anew is what the art is cut from. */
watch([() => option.value?.medium, design], ([medium, now]) => {
  if (medium && now && now.medium !== medium) changeDesign({ ...now, medium })
})

const colours = (of: Design) => cutColours(of).length
/** What sums are made of follows the drawing once it is kept. */
const summed = ref<string[]>([])
watch(
  [design, unsaved, saving],
  () => {
    if (!unsaved.value && !saving.value) summed.value = design.value ? cutColours(design.value) : []
  },
  { immediate: true },
)
const differs = computed(() => {
  const now = reading.value
  if (!now || !design.value) return false
  return (
    Math.abs(now.bounds.width - art.value.width) > 0.6 ||
    Math.abs(now.bounds.height - art.value.height) > 0.6 ||
    colours(design.value) !== art.value.colours ||
    (now.print === null && Math.abs(now.weedingSeconds - (art.value.weeding ?? -9)) > 2)
  )
})

const lies = computed(() => artLies(art.value, plan.value))

/** Moves the art across the garment, where it lies on it otherwise. */
function centre(fromCentre: number) {
  if (!lies.value) return
  const { face, area } = lies.value
  const spot = { face, fromCentre, belowCollar: area.y }
  void keepWith(art.value.id, { spot }, t('cut.centred'))
}

function flow() {
  if (!reading.value || !design.value) return
  const { bounds, thinnest, print, weedingSeconds } = reading.value
  void keepWith(art.value.id, {
    width: Math.round(bounds.width * 10) / 10,
    height: Math.round(bounds.height * 10) / 10,
    colours: colours(design.value),
    thinnestStroke: thinnest === null ? art.value.thinnestStroke : Math.round(thinnest * 100) / 100,
    weeding: print ? null : Math.round(weedingSeconds),
    materialId: design.value.colours.find(({ materialId }) => materialId)?.materialId ?? art.value.materialId,
  })
}
</script>

<template>
  <div>
    <h2>{{ $t('cut.title') }}</h2>
    <div v-if="!plan" class="sheet box">
      {{ $t('cut.first') }}
      <a-button type="primary" @click="go('method')">{{ $t('press.toMethod') }}</a-button>
    </div>
    <DecorationTabs v-else v-model="at" :decorations="form.decorations" />
    <a-radio-group v-model:value="tab" button-style="solid" class="tabs" :aria-label="$t('cut.title')">
      <template v-if="needsCutting(option)">
        <a-radio-button value="art">{{ $t('cut.tabArt') }}</a-radio-button>
        <a-radio-button value="lay" :disabled="!design">{{ $t('cut.tabLay') }}</a-radio-button>
      </template>
      <a-radio-button v-else value="art">{{ $t('cut.tabTable') }}</a-radio-button>
      <a-radio-button value="sums">{{ $t('cut.tabSums') }}</a-radio-button>
    </a-radio-group>
    <div v-if="tab === 'sums'" class="sheet work">
      <SumsPanel
        :ticket-id="ticket.id"
        :version="ticket.version"
        :art="art"
        :colours="summed"
        :pieces="ticket.pieces"
        :roster="ticket.roster.length"
        @take="keepWith(art.id, $event)"
      >
        <template #art><ArtIn @art="brought" /></template>
      </SumsPanel>
    </div>
    <p v-if="plan && !option && tab !== 'sums'" class="sheet box">{{ $t('cut.noHeat') }}</p>
    <template v-if="plan && option && tab !== 'sums'">
      <dl class="sheet facts">
        <div>
          <dt>{{ $t('cut.way') }}</dt>
          <dd class="big">{{ title('orientation', option.recipe.layUp.orientation.value) }}</dd>
          <dd class="muted">{{ option.recipe.layUp.orientation.why[0]?.sentence }}</dd>
        </div>
        <div>
          <dt>{{ $t('cut.face') }}</dt>
          <dd class="big">{{ title('cutface', option.recipe.layUp.cutFace) }}</dd>
        </div>
        <div>
          <dt>{{ $t('cut.size') }}</dt>
          <dd class="big">
            <LengthValue :millimetres="art.width" /> ×
            <LengthValue :millimetres="art.height" />
          </dd>
        </div>
        <div v-if="option.recipe.presses.positions > 1">
          <dt>{{ $t('cut.positions') }}</dt>
          <dd>{{ $t('cut.positionsNote', { n: option.recipe.presses.positions }) }}</dd>
        </div>
      </dl>
      <BesideIt v-if="beside && !drawn">
        <PlacedDrawing :ticket="form" :plan="plan" :decoration="art.id" large />
      </BesideIt>
      <QueryState v-if="needsCutting(option)" :loading="isPending" :error="error" @retry="refetch">
        <p v-if="problem" role="alert" class="problem">
          {{ problem }} <a-button size="small" @click="refetch()">{{ $t('ticket.load') }}</a-button>
        </p>
        <ArtIn v-if="!design" @art="brought" />
        <template v-else>
          <div class="sheet work">
            <DesignWork
              v-if="tab === 'art'"
              :key="design.decoration"
              :model-value="design"
              :art="drawing ?? fresh"
              :reading="reading"
              :work="work"
              :problem="unread"
              :differs="differs"
              :from-centre="lies ? middle(lies.area) : null"
              @update:model-value="changeDesign"
              @art="brought"
              @again-read="readInAnotherWay"
              @stop="stop"
              @again="again"
              @flow="flow"
              @centre="centre"
            />
            <LayOut
              v-else-if="cutForm"
              :ticket-id="ticket.id"
              :form="cutForm"
              :layout="layout"
              :readings="readings"
              :saving="saving || unsaved"
              :pieces="ticket.pieces"
              :names="Object.fromEntries(form.decorations.map(({ id, description }) => [id, description]))"
              @change="change"
              @took="took"
            />
          </div>
        </template>
      </QueryState>
      <ol class="sheet list">
        <li v-for="line in tableOf(plan, art.id)" :key="line">{{ capital(line) }}</li>
      </ol>
      <p v-if="cut.error.value" role="alert">{{ (cut.error.value as Problem).message }}</p>
      <div v-if="worked" class="said">
        <a-button
          v-if="!isCut"
          type="primary"
          size="large"
          :loading="cut.isPending.value"
          @click="say(true).catch(() => undefined)"
        >
          {{ $t('cut.done') }}
        </a-button>
        <template v-else>
          <span>{{ $t('cut.isDone') }}</span>
          <a-button
            v-if="!begun"
            size="small"
            :loading="cut.isPending.value"
            @click="say(false).catch(() => undefined)"
          >
            {{ $t('cut.notDone') }}
          </a-button>
        </template>
      </div>
    </template>
  </div>
</template>

<style scoped>
.box,
.facts,
.list {
  margin: 12px 0;
  padding: 16px 20px;
}

.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 18px 44px;
}

dt {
  color: var(--muted);
}

dd {
  margin: 0;
}

.tabs {
  display: flex;
}

.work {
  margin: 10px 0 12px;
  padding: 12px 16px;
}

.problem {
  color: var(--no);
}

.said {
  display: flex;
  align-items: center;
  gap: 14px;
}

.big {
  font: 600 var(--type-section) var(--figures);
}

.list {
  padding-left: 40px;
  line-height: 1.9;
}
</style>
