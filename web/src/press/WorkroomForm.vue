<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answer, api, type Problem, type Schemas } from '@/api/client'
import { useFields } from '@/form/fields'
import { useEditing } from '@/form/useEditing'
import FormProblem from '@/form/FormProblem.vue'
import NumberField from '@/form/NumberField.vue'
import { toCelsius, toFahrenheit } from '@/quantity/format'
import { useUnits } from '@/quantity/units'

/** The room as read off a thermometer and a hygrometer. */
const props = defineProps<{ workroom: Schemas['WorkroomView'] }>()
const emit = defineEmits<{ kept: [] }>()
const { temperature } = useUnits()
const {
  form: editing,
  dirty,
  keep: send,
} = useEditing(
  () => props.workroom,
  (room) => answer(api.PUT('/api/workroom', { body: room })),
)
/** It is there from the beginning: what was read comes with the properties. */
const form = computed(() => editing.value!)
const kept = ref(false)
watch(dirty, (now) => now && (kept.value = false))
const fahrenheit = computed(() => temperature.value === '°F')
const air = computed({
  get: () => Math.round(fahrenheit.value ? toFahrenheit(form.value.air) : form.value.air),
  set: (typed: number) => (form.value.air = toCelsius(typed, temperature.value)),
})
const { mutate, isPending, error } = useMutation<boolean, Problem>({
  mutationFn: () => send(),
  onSuccess: (all) => {
    kept.value = all
    emit('kept')
  },
})
const { ready } = useFields(() => error.value)

function keep() {
  if (ready()) mutate()
}
</script>

<template>
  <section class="sheet room">
    <div>
      <h2>{{ $t('workroom.title') }}</h2>
      <p class="muted">{{ $t('workroom.intro') }}</p>
      <p v-if="workroom.version === 0" class="muted">{{ $t('workroom.usual') }}</p>
    </div>
    <form @submit.prevent="keep">
      <NumberField
        id="air"
        v-model="air"
        :label="$t('workroom.air')"
        :min="fahrenheit ? 32 : 0"
        :max="fahrenheit ? 113 : 45"
        :unit="temperature"
      />
      <NumberField
        id="humidity"
        v-model="form.humidity"
        :label="$t('workroom.humidity')"
        :min="5"
        :max="95"
        unit="%"
      />
      <a-button html-type="submit" :loading="isPending">{{ $t('workroom.keep') }}</a-button>
    </form>
    <p v-if="kept" role="status" class="kept">{{ $t('workroom.kept') }}</p>
    <FormProblem />
  </section>
</template>

<style scoped>
.room {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  justify-content: space-between;
  gap: 12px 24px;
  margin-top: 16px;
  padding: 14px 20px;
}

form {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 12px;
}

form :deep(.ant-input-number-group-wrapper) {
  width: 130px;
}

.kept {
  flex-basis: 100%;
  color: var(--safe);
}
</style>
