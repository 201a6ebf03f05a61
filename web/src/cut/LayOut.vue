<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { said } from '@/exchange/file'
import BesideIt from '@/shell/BesideIt.vue'
import LengthValue from '@/quantity/LengthValue.vue'
import { unitsKey } from '@/quantity/units'
import CutActs from './CutActs.vue'
import CutFiles from './CutFiles.vue'
import { cutterKey } from './cutter'
import CutterWear from './CutterWear.vue'
import { MATS, type CutForm, type DesignReading, type LaidPiece, type LayoutView } from './designs'
import LayFields from './LayFields.vue'
import MatDrawing from './MatDrawing.vue'
import PrintPage from './PrintPage.vue'
import { useWork } from './useWork'

/** Pieces on mats and prints on pages: laid by the server, moved by hand, taken off the shelf. */
const props = defineProps<{
  ticketId: string
  form: CutForm
  layout: LayoutView | null
  readings: Record<string, DesignReading>
  saving: boolean
  pieces: number
  /** What each thing is called. */
  names: Record<string, string>
}>()
const emit = defineEmits<{ change: [form: CutForm]; took: [view: Schemas['CutView']] }>()
const { work, problem, follow, stop } = useWork()
const moving = ref('')
const running = computed(() => work.value?.state === 'RUNNING')
const percent = computed(() => (work.value?.of ? Math.round((100 * work.value.done) / work.value.of) : 0))
const wrong = computed(
  () => props.layout?.mats.some(({ pieces }) => pieces.some(({ wrong: why }) => why !== null)) ?? false,
)

/** Things whose art has places that fail: they are laid out only on purpose. */
const failing = computed(() =>
  props.form.designs
    .filter(({ decoration }) => props.readings[decoration]?.layers.some(({ faults }) => faults.length > 0))
    .map(({ decoration }) => props.names[decoration] ?? decoration),
)

async function lay() {
  const done = await follow((id) =>
    answer(
      api.PUT('/api/tickets/{id}/cutting/layouts/{work}', {
        params: { path: { id: props.ticketId, work: id } },
      }),
    ),
  )
  if (done?.cut) emit('took', done.cut)
}

async function ask(asked: () => Promise<Schemas['CutView']>) {
  moving.value = ''
  try {
    emit('took', await asked())
  } catch (e) {
    moving.value = said(e)
  }
}

const move = (mat: number, piece: LaidPiece, x: number, y: number, turned: boolean) =>
  ask(() =>
    answer(
      api.PUT('/api/tickets/{id}/cutting/pieces/{piece}', {
        params: { path: { id: props.ticketId, piece: piece.id } },
        body: { mat, x, y, turned, version: props.form.version },
      }),
    ),
  )

/** Which carriers would lie over one another on the garment, as they are chosen and placed now. */
const { data: carriers } = useQuery({
  queryKey: computed(() => ['carriers', props.ticketId, props.form.version, unitsKey.value]),
  queryFn: () =>
    answer(api.GET('/api/tickets/{id}/cutting/carriers', { params: { path: { id: props.ticketId } } })),
  enabled: computed(() => props.form.designs.length > 1 && !props.saving),
})
const client = useQueryClient()
async function take() {
  await ask(() =>
    answer(api.PUT('/api/tickets/{id}/cutting/taken', { params: { path: { id: props.ticketId } } })),
  )
  void client.invalidateQueries({ queryKey: cutterKey })
}

/** Numbers of the pages, through all prints. */
const pages = computed(() => {
  let n = 0
  return (props.layout?.prints ?? []).flatMap((print) =>
    print.pages.map((page) => ({ print, page, number: ++n })),
  )
})
/** Of all that does not go back to the shelf, where the shelf knows what it cost. */
const priced = computed(() => props.layout?.uses.some(({ cost }) => cost !== null) ?? false)
const unpriced = computed(() => props.layout?.uses.some(({ cost }) => cost === null) ?? false)
const money = (amount: number | null) => (amount === null ? '–' : amount.toFixed(2))
const square = (mm2: number) => Math.round(mm2 / 100)
</script>

<template>
  <section>
    <LayFields
      :form="form"
      :mats="MATS"
      :pieces="pieces"
      :printed="form.designs.every(({ decoration }) => readings[decoration]?.print)"
      @change="emit('change', $event)"
    />
    <p v-if="failing.length" class="fails" role="status">
      {{ $t('cut.failsHere', { names: failing.join(', ') }) }}
    </p>
    <p v-for="over in carriers ?? []" :key="over" class="fails" role="status">{{ over }}</p>
    <div class="line">
      <a-button v-if="!running" type="primary" :disabled="saving || !form.designs.length" @click="lay">{{
        $t(layout ? 'cut.layAgain' : failing.length ? 'cut.layAllTheSame' : 'cut.lay')
      }}</a-button>
      <template v-else>
        <a-progress :percent="percent" class="progress" :aria-label="$t('cut.laying')" />
        <a-button danger @click="stop">{{ $t('cut.stop') }}</a-button>
      </template>
      <span v-if="work?.state === 'CANCELLED'" role="status">{{ $t('cut.stopped') }}</span>
    </div>
    <p v-if="problem || moving" role="alert" class="problem">{{ problem || moving }}</p>
    <template v-if="layout">
      <p v-for="piece in layout.left" :key="piece.id" role="alert" class="problem">
        {{ piece.colour }} {{ piece.copy }}: {{ piece.wrong }}
      </p>
      <BesideIt
        ><div class="mats">
          <MatDrawing
            v-for="(mat, n) in layout.mats"
            :key="n"
            :mat="mat"
            :layout="layout"
            :readings="readings"
            :number="n + 1"
            :fixed="layout.taken"
            @move="(piece, x, y, turned) => move(n, piece, x, y, turned)"
          />
          <template v-for="{ print, page, number } in pages" :key="number">
            <PrintPage
              v-if="readings[print.decoration]"
              :page="page"
              :print="print"
              :reading="readings[print.decoration]!"
              :number="number"
            />
          </template></div
      ></BesideIt>
      <CutterWear v-if="layout.mats.length" />
      <CutActs
        v-for="(mat, n) in layout.mats.filter(({ acts }) => acts.length)"
        :key="n"
        :acts="mat.acts"
        :title="$t('cut.acts', { n: n + 1 })"
      />
      <CutActs
        v-for="print in layout.prints.filter(({ acts }) => acts.length)"
        :key="print.decoration"
        :acts="print.acts"
        :title="$t('cut.printActs')"
      />
      <p
        v-for="print in layout.prints.filter(({ left }) => left > 0)"
        :key="print.decoration"
        role="alert"
        class="problem"
      >
        {{ $t('cut.noPage', { n: print.left }) }}
      </p>
      <table v-if="layout.uses.length" class="rows">
        <thead>
          <tr>
            <th>{{ $t('cut.from') }}</th>
            <th>{{ $t('cut.size2') }}</th>
            <th>{{ $t('cut.kept') }}</th>
            <th class="number">{{ $t('cut.waste') }}</th>
            <th v-if="priced" class="number">{{ $t('cut.cost') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(use, n) in layout.uses" :key="n">
            <td>{{ use.name || $t('cut.noMaterial') }} · {{ $t(`cut.stock.${use.kind}`) }}</td>
            <td>
              <LengthValue :millimetres="use.width" /> × <LengthValue :millimetres="Math.round(use.length)" />
            </td>
            <td>
              <span v-for="(kept, k) in use.kept" :key="k" class="kept"
                ><LengthValue :millimetres="Math.round(kept.width)" /> ×
                <LengthValue :millimetres="Math.round(kept.height)"
              /></span>
              <span v-if="!use.kept.length">–</span>
            </td>
            <td class="number">{{ square(use.waste) }} cm²</td>
            <td v-if="priced" class="number">{{ money(use.cost) }}</td>
          </tr>
        </tbody>
        <tfoot v-if="priced">
          <tr>
            <td colspan="4">{{ $t(unpriced ? 'cut.costOfPriced' : 'cut.costOfAll') }}</td>
            <td class="number">
              {{ money(layout.uses.reduce((sum, { cost }) => sum + (cost ?? 0), 0)) }}
            </td>
          </tr>
        </tfoot>
      </table>
      <div v-if="layout.mats.length" class="line">
        <span>{{ $t('cut.yield', { percent: Math.round(layout.yield * 100) }) }}</span>
        <span v-if="layout.taken" role="status">{{ $t('cut.isTaken') }}</span>
        <a-popconfirm
          v-else
          :title="$t('cut.takeSure')"
          :ok-text="$t('cut.take')"
          :cancel-text="$t('cancel')"
          @confirm="take"
        >
          <a-button :disabled="wrong">{{ $t('cut.take') }}</a-button>
        </a-popconfirm>
      </div>
      <CutFiles :ticket-id="ticketId" :layout="layout" />
    </template>
    <p v-else-if="!running" class="muted">{{ $t('cut.notLaid') }}</p>
  </section>
</template>

<style scoped>
.fails {
  margin: 6px 0;
  padding: 6px 12px;
  border-radius: 8px;
  background: var(--tight-ground);
}

.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  padding: 10px 0;
}

.progress {
  flex: 1;
  max-width: 320px;
}

.mats {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 14px;
}

.problem {
  padding: 4px 0;
  color: var(--no);
}

.kept + .kept::before {
  content: ', ';
}

.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
</style>
