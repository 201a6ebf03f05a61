<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import { useFields } from '@/form/fields'
import { lengthIn } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import type { CutForm } from './designs'

/** How pieces may lie: the mat, the room between and round them, how many. */
const props = defineProps<{
  form: CutForm
  mats: { width: number; length: number }[]
  pieces: number
  /** Whether nothing lies on a mat: all is printed. */
  printed: boolean
}>()
const emit = defineEmits<{ change: [form: CutForm] }>()
useFields(() => null)
const { length } = useUnits()

const field = (key: keyof CutForm['lay']) =>
  computed({
    get: () => props.form.lay[key],
    set: (value: number | null) => {
      if (value !== null) emit('change', { ...props.form, lay: { ...props.form.lay, [key]: value } })
    },
  })
const spacing = field('spacing')
const margin = field('margin')
const carrier = field('carrier')
const width = field('matWidth')
const depth = field('matLength')
const copies = computed({
  get: () => props.form.designs[0]?.copies ?? 0,
  set: (value: number | null) =>
    emit('change', {
      ...props.form,
      designs: props.form.designs.map((design) => ({ ...design, copies: value ?? 0 })),
    }),
})
const named = (mat: { width: number; length: number }) =>
  `${lengthIn(mat.width, length.value)} × ${lengthIn(mat.length, length.value)} ${length.value === 'inch' ? 'in' : 'mm'}`
const options = computed(() =>
  props.mats.map((each) => ({ value: `${each.width} ${each.length}`, label: named(each) })),
)
/** One of the usual mats; nothing where width and length are typed. */
const mat = computed<string | null>({
  get: () => {
    const now = `${props.form.lay.matWidth} ${props.form.lay.matLength}`
    return options.value.some(({ value }) => value === now) ? now : null
  },
  set: (chosen) => {
    if (chosen === null) return
    const [matWidth, matLength] = chosen.split(' ').map(Number) as [number, number]
    emit('change', { ...props.form, lay: { ...props.form.lay, matWidth, matLength } })
  },
})
</script>

<template>
  <div class="fields">
    <ChoiceField
      v-if="!printed"
      id="lay-mat"
      v-model="mat"
      :label="$t('cut.matSize')"
      :hint="$t('cut.otherMat')"
      :options="options"
    />
    <LengthField
      v-if="!printed"
      id="lay-width"
      v-model="width"
      :label="$t('cut.matWidth')"
      :min="50"
      :max="2000"
    />
    <LengthField
      v-if="!printed"
      id="lay-length"
      v-model="depth"
      :label="$t('cut.matLength')"
      :min="50"
      :max="5000"
    />
    <LengthField
      v-if="!printed"
      id="lay-spacing"
      v-model="spacing"
      :label="$t('cut.spacing')"
      :min="0"
      :max="50"
    />
    <LengthField
      v-if="!printed"
      id="lay-margin"
      v-model="margin"
      :label="$t('cut.margin')"
      :min="0"
      :max="50"
    />
    <LengthField
      v-if="!printed"
      id="lay-carrier"
      v-model="carrier"
      :label="$t('cut.carrier')"
      :min="0"
      :max="50"
    />
    <NumberField id="lay-copies" v-model="copies" :label="$t('cut.copies')" :min="0" :max="500" whole />
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
  gap: 10px 14px;
  align-items: end;
}

.fields :deep(.ant-select),
.fields :deep(.ant-input-number),
.fields :deep(.ant-input-number-group-wrapper) {
  width: 100%;
}
</style>
