<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { asBody, BYTES, picked, said as saidOf } from '@/exchange/file'
import ChoiceField from '@/form/ChoiceField.vue'
import FormDialog from '@/form/FormDialog.vue'
import { toCelsius } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { useVocabulary } from '@/speech/vocabulary'
import ProbeTrace from './ProbeTrace.vue'

/** What strips, nine places and a probe say of a press; kept, plans use it at once. */
const props = defineProps<{ press: Schemas['PressView'] }>()
defineEmits<{ kept: []; cancel: [] }>()
const { t } = useI18n()
const { options } = useVocabulary()
const { temperature } = useUnits()
const celsius = (typed: number) => toCelsius(typed, temperature.value)

interface Typed {
  dial: number | undefined
  read: number | undefined
}
const strips = reactive<Typed[]>([{ dial: undefined, read: undefined }])
const nineDial = ref<number>()
const nine = reactive<(number | undefined)[]>(Array.from({ length: 9 }))
const probe = reactive({
  dial: undefined as number | undefined,
  fabric: 'JERSEY' as Schemas['Probe']['fabric'],
  fibre: 'COTTON' as Schemas['Probe']['fibre'],
})
const moments = ref<Schemas['Moment'][]>([])
const problem = ref('')
const version = ref(props.press.version)

const isTyped = (value: number | undefined | null): value is number => typeof value === 'number'
const form = computed<Schemas['MeasuringForm']>(() => ({
  strips: strips.flatMap(({ dial, read }) =>
    isTyped(dial) && isTyped(read) ? [{ dial: celsius(dial), read: celsius(read) }] : [],
  ),
  nine:
    isTyped(nineDial.value) && nine.every(isTyped)
      ? { dial: celsius(nineDial.value), read: nine.filter(isTyped).map(celsius) }
      : null,
  probe:
    isTyped(probe.dial) && moments.value.length
      ? { dial: celsius(probe.dial), fabric: probe.fabric, fibre: probe.fibre, moments: moments.value }
      : null,
  version: version.value,
}))
/** Parts that were begun and would be lost: each needs what the display said and what was read. */
const unfinished = computed(() => {
  const some = (...typed: unknown[]) => typed.some((value) => isTyped(value as number))
  return [
    strips.some(({ dial, read }) => some(dial, read) && !(isTyped(dial) && isTyped(read))) && 'strips',
    some(nineDial.value, ...nine) && !form.value.nine && 'nine',
    (isTyped(probe.dial) || moments.value.length > 0) && !form.value.probe && 'probe',
  ].filter((part): part is string => typeof part === 'string')
})
const begun = computed(() => form.value.strips.length > 0 || form.value.nine || form.value.probe)
const measured = ref<Schemas['Measured'] | null>(null)
const params = { path: { id: props.press.id } }
let asked = 0

const work = useDebounceFn(async () => {
  const ask = ++asked
  problem.value = ''
  if (!begun.value) {
    measured.value = null
    return
  }
  try {
    const found = await answer(api.POST('/api/presses/{id}/measuring', { params, body: form.value }))
    if (ask === asked) measured.value = found
  } catch (e) {
    if (ask === asked) problem.value = saidOf(e)
  }
}, 200)
watch(form, work, { deep: true })

let reads = 0

/** Of two files the later one counts, whichever is read first. */
async function read(event: Event) {
  const file = picked(event)
  if (!file) return
  const mine = ++reads
  problem.value = ''
  try {
    const came = await answer(api.POST('/api/presses/traces', { body: asBody(file), ...BYTES }))
    if (mine === reads) moments.value = came
  } catch (e) {
    problem.value = saidOf(e)
  }
}

async function send() {
  const open = unfinished.value.map((part) => t(`measure.${part}`)).join(', ')
  if (open) throw new Problem(422, 'refused', t('measure.unfinished', { open }))
  if (!begun.value) throw new Problem(422, 'refused', problem.value || t('measure.first'))
  const kept = await answer(api.PUT('/api/presses/{id}/measuring', { params, body: form.value }))
  version.value = kept.version
}
</script>

<template>
  <FormDialog
    :title="$t('measure.title', { press: press.press.name })"
    :keep="$t('measure.keep')"
    width="760px"
    :typed="form"
    :send="send"
    @kept="$emit('kept')"
    @cancel="$emit('cancel')"
  >
    <p class="muted">{{ $t('measure.caution') }}</p>
    <h3>{{ $t('measure.strips') }}</h3>
    <div v-for="(strip, n) in strips" :key="n" class="strip">
      <label :for="`strip-dial-${n}`">{{ $t('measure.dial') }}</label>
      <a-input-number :id="`strip-dial-${n}`" v-model:value="strip.dial" :addon-after="temperature" />
      <label :for="`strip-read-${n}`">{{ $t('measure.read') }}</label>
      <a-input-number :id="`strip-read-${n}`" v-model:value="strip.read" :addon-after="temperature" />
    </div>
    <a-button
      size="small"
      :disabled="strips.length >= 20"
      @click="strips.push({ dial: undefined, read: undefined })"
    >
      {{ $t('measure.another') }}
    </a-button>
    <h3>{{ $t('measure.nine') }}</h3>
    <p class="muted">{{ $t('measure.nineNote') }}</p>
    <div class="strip">
      <label for="nine-dial">{{ $t('measure.dial') }}</label>
      <a-input-number id="nine-dial" v-model:value="nineDial" :addon-after="temperature" />
    </div>
    <div class="nine">
      <a-input-number
        v-for="(_, n) in nine"
        :key="n"
        v-model:value="nine[n]"
        :aria-label="$t('measure.place', { n: n + 1 })"
        :addon-after="temperature"
      />
    </div>
    <h3>{{ $t('measure.probe') }}</h3>
    <p class="muted">{{ $t('measure.probeNote') }}</p>
    <div class="strip">
      <label for="probe-dial">{{ $t('measure.dial') }}</label>
      <a-input-number id="probe-dial" v-model:value="probe.dial" :addon-after="temperature" />
      <label for="probe-file">{{ $t('measure.file') }}</label>
      <input id="probe-file" type="file" accept=".csv,.txt,.tsv,text/csv" @change="read" />
    </div>
    <div class="fields two">
      <ChoiceField
        id="probe-fabric"
        v-model="probe.fabric"
        :label="$t('measure.fabric')"
        :options="options('fabric')"
      />
      <ChoiceField
        id="probe-fibre"
        v-model="probe.fibre"
        :label="$t('measure.fibre')"
        :options="options('fibre')"
      />
    </div>
    <ProbeTrace v-if="moments.length" :moments="moments" />
    <p v-if="unfinished.length" class="muted">
      {{ $t('measure.unfinished', { open: unfinished.map((part) => $t(`measure.${part}`)).join(', ') }) }}
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <div v-if="measured && begun" class="measured" role="status">
      <p v-for="line in measured.said" :key="line">
        <b>{{ line }}</b>
      </p>
    </div>
  </FormDialog>
</template>

<style scoped>
h3 {
  padding: 14px 0 4px;
}

.strip {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
  padding: 3px 0;
}

.strip .ant-input-number-group-wrapper {
  width: 130px;
}

.nine {
  display: grid;
  grid-template-columns: repeat(3, 130px);
  gap: 6px;
}

.problem {
  padding-top: 8px;
  color: var(--no);
}

.measured {
  margin-top: 12px;
  padding: 10px 14px;
  border-radius: 8px;
  background: var(--mind-ground);
}
</style>
