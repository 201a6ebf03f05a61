<script setup lang="ts">
import { computed, reactive, watch } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import ChoiceField from '@/form/ChoiceField.vue'
import FormDialog from '@/form/FormDialog.vue'
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import SwitchField from '@/form/SwitchField.vue'
import TextField from '@/form/TextField.vue'
import { useUnits } from '@/quantity/units'
import { useVocabulary } from '@/speech/vocabulary'

const props = defineProps<{ press: Schemas['PressView'] | null }>()
defineEmits<{ kept: []; cancel: [] }>()
const { options } = useVocabulary()
const id = props.press?.id ?? crypto.randomUUID()
const form = reactive<Schemas['PressForm']>({
  name: props.press?.press.name ?? '',
  kind: props.press?.press.kind ?? 'PLATE_CLAM',
  platenWidth: props.press?.press.platenWidth ?? 380,
  platenDepth: props.press?.press.platenDepth ?? 380,
  measured: props.press?.press.calibration.measured ?? false,
  readsHigh: props.press?.press.calibration.readsHigh ?? 0,
  newtons: props.press?.press.closing?.newtons ?? null,
  scale: props.press?.press.closing?.scale ?? null,
  cladInPtfe: props.press?.press.cladInPtfe ?? false,
  tips: props.press?.press.tips ?? [],
  lower: props.press?.press.lower ?? null,
  version: props.press?.version ?? 0,
})
/** Another kind of tool has another lower side. */
watch(
  () => form.kind,
  () => (form.lower = null),
)
const plate = computed(() => form.kind.startsWith('PLATE'))
/** What is held by hand has no platen below. */
const pads = computed(() => options('pad').filter(({ value }) => plate.value || value !== 'BARE'))
const wand = computed(() => form.kind === 'WAND')
/** A difference, so 10 °C of it are 18 °F; kept in kelvin. */
const { temperature: unit } = useUnits()
const scale = computed(() => (unit.value === '°F' ? 1.8 : 1))
const readsHigh = computed({
  get: () => Math.round(form.readsHigh * scale.value * 10) / 10,
  set: (typed: number | null) => (form.readsHigh = (typed ?? 0) / scale.value),
})
async function send() {
  const kept = await answer(api.PUT('/api/presses/{id}', { params: { path: { id } }, body: form }))
  form.version = kept.version
}
</script>

<template>
  <FormDialog
    :title="press ? press.press.name : $t('presses.new')"
    :keep="$t('presses.keep')"
    :typed="form"
    :send="send"
    @kept="$emit('kept')"
    @cancel="$emit('cancel')"
  >
    <div class="fields two">
      <TextField
        id="press-name"
        v-model="form.name"
        path="name"
        class="wide2"
        :label="$t('presses.name')"
        :max="60"
      />
      <ChoiceField
        id="press-kind"
        v-model="form.kind"
        path="kind"
        class="wide2"
        :label="$t('presses.kind')"
        :options="options('press')"
      />
      <LengthField
        id="platen-width"
        v-model="form.platenWidth"
        path="platenWidth"
        :label="$t('presses.width')"
        :min="21"
        :max="2000"
      />
      <LengthField
        id="platen-depth"
        v-model="form.platenDepth"
        path="platenDepth"
        :label="$t('presses.depth')"
        :min="21"
        :max="2000"
      />
      <ChoiceField
        id="lower"
        v-model="form.lower"
        path="lower"
        class="wide2"
        :label="$t('presses.lower')"
        :options="pads"
        :hint="$t('presses.lowerHint')"
        optional
      />
      <SwitchField id="measured" v-model="form.measured" class="wide2" :label="$t('presses.measured')" />
      <NumberField
        v-if="form.measured"
        id="reads-high"
        v-model="readsHigh"
        path="readsHigh"
        class="wide2"
        :label="$t('presses.readsHigh')"
        :min="-40 * scale"
        :max="40 * scale"
        :unit="unit"
        :note="$t(unit === '°F' ? 'presses.readsHighNoteF' : 'presses.readsHighNote')"
      />
      <template v-if="plate">
        <NumberField
          id="newtons"
          v-model="form.newtons"
          :label="$t('presses.newtons')"
          :min="50"
          :max="50000"
          unit="N"
          optional
        />
        <NumberField
          id="scale"
          v-model="form.scale"
          :label="$t('presses.scale')"
          :min="1"
          :max="100"
          whole
          optional
        />
        <small class="muted wide2">{{ $t('presses.newtonsNote') }}</small>
      </template>
      <ChoiceField
        v-if="wand"
        id="tips"
        v-model="form.tips"
        class="wide2"
        :label="$t('presses.tips')"
        :options="options('stonesize')"
        multiple
        :hint="$t('presses.tipsHint')"
      />
      <SwitchField v-else id="clad" v-model="form.cladInPtfe" class="wide2" :label="$t('presses.clad')" />
    </div>
  </FormDialog>
</template>
