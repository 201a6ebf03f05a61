<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, reactive } from 'vue'
import { answer, api, type Problem, type Schemas } from '@/api/client'
import ChoiceField from '@/cloth/ChoiceField.vue'
import LengthInput from '@/quantity/LengthInput.vue'
import { useUnits } from '@/quantity/units'
import { useVocabulary } from '@/speech/vocabulary'

const props = defineProps<{ press: Schemas['PressView'] | null }>()
const emit = defineEmits<{ kept: []; cancel: [] }>()
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
  version: props.press?.version ?? 0,
})
const plate = computed(() => form.kind.startsWith('PLATE'))
const wand = computed(() => form.kind === 'WAND')
/** An emptied number field gives nothing, which is kept as "not known". */
function optional(field: 'newtons' | 'scale') {
  return computed({
    get: () => form[field] ?? undefined,
    set: (typed: number | undefined) => (form[field] = typed ?? null),
  })
}
const newtons = optional('newtons')
const marks = optional('scale')
/** A difference, so 10 °C of it are 18 °F; kept in kelvin. */
const { temperature: unit } = useUnits()
const scale = computed(() => (unit.value === '°F' ? 1.8 : 1))
const readsHigh = computed({
  get: () => Math.round(form.readsHigh * scale.value * 10) / 10,
  set: (typed: number | undefined) => (form.readsHigh = (typed ?? 0) / scale.value),
})
const { mutate, isPending, error } = useMutation<unknown, Problem>({
  mutationFn: () => answer(api.PUT('/api/presses/{id}', { params: { path: { id } }, body: form })),
  onSuccess: () => emit('kept'),
})
</script>

<template>
  <a-modal
    open
    :title="press ? press.press.name : $t('presses.new')"
    :ok-text="$t('presses.keep')"
    :cancel-text="$t('cancel')"
    :confirm-loading="isPending"
    @ok="mutate()"
    @cancel="$emit('cancel')"
  >
    <div class="fields">
      <label class="wide">
        <span>{{ $t('presses.name') }}</span><a-input
          id="press-name"
          v-model:value="form.name"
          :maxlength="60"
        />
      </label>
      <ChoiceField
        id="press-kind"
        v-model="form.kind"
        class="wide"
        :label="$t('presses.kind')"
        :options="options('press')"
      />
      <label>
        <span>{{ $t('presses.width') }}</span><LengthInput
          id="platen-width"
          v-model="form.platenWidth"
          :min="21"
          :max="2000"
        />
      </label>
      <label>
        <span>{{ $t('presses.depth') }}</span><LengthInput
          id="platen-depth"
          v-model="form.platenDepth"
          :min="21"
          :max="2000"
        />
      </label>
      <label class="wide switch">
        <a-switch v-model:checked="form.measured" :aria-label="$t('presses.measured')" />
        {{ $t('presses.measured') }}
      </label>
      <label v-if="form.measured" class="wide">
        <span>{{ $t('presses.readsHigh') }}</span>
        <a-input-number
          id="reads-high"
          v-model:value="readsHigh"
          :min="-40 * scale"
          :max="40 * scale"
          :addon-after="unit"
        />
        <small class="muted">{{
          $t(unit === '°F' ? 'presses.readsHighNoteF' : 'presses.readsHighNote')
        }}</small>
      </label>
      <template v-if="plate">
        <label>
          <span>{{ $t('presses.newtons') }}</span>
          <a-input-number id="newtons" v-model:value="newtons" :min="50" :max="50000" addon-after="N" />
        </label>
        <label>
          <span>{{ $t('presses.scale') }}</span>
          <a-input-number id="scale" v-model:value="marks" :min="1" :max="100" :precision="0" />
        </label>
        <small class="muted wide">{{ $t('presses.newtonsNote') }}</small>
      </template>
      <ChoiceField
        v-if="wand"
        id="tips"
        v-model="form.tips"
        class="wide"
        :label="$t('presses.tips')"
        :options="options('stonesize')"
        multiple
        :hint="$t('presses.tipsHint')"
      />
      <label v-else class="wide switch">
        <a-switch v-model:checked="form.cladInPtfe" :aria-label="$t('presses.clad')" />
        {{ $t('presses.clad') }}
      </label>
    </div>
    <p v-if="error" role="alert" class="problem">{{ error.message }}</p>
  </a-modal>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
}

.wide {
  grid-column: span 2;
}

label > span:first-child {
  display: block;
  color: var(--muted);
  font-size: 13px;
}

.switch {
  display: flex;
  gap: 10px;
}

.problem {
  color: var(--no);
}
</style>
