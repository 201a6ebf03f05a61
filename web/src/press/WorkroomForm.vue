<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { answer, api, type Problem, type Schemas } from '@/api/client'
import { useFields } from '@/form/fields'
import FormProblem from '@/form/FormProblem.vue'
import NumberField from '@/form/NumberField.vue'
import { toCelsius, toFahrenheit } from '@/quantity/format'
import { useUnits } from '@/quantity/units'

/** The room as read off a thermometer and a hygrometer. */
const props = defineProps<{ workroom: Schemas['WorkroomView'] }>()
const emit = defineEmits<{ kept: [] }>()
const { temperature } = useUnits()
const form = reactive({ ...props.workroom })
const kept = ref(false)
watch(
  () => props.workroom,
  (read) => Object.assign(form, read),
)
watch(
  () => [form.air, form.humidity],
  () => (kept.value = false),
)
const fahrenheit = computed(() => temperature.value === '°F')
const air = computed({
  get: () => Math.round(fahrenheit.value ? toFahrenheit(form.air) : form.air),
  set: (typed: number) => (form.air = toCelsius(typed, temperature.value)),
})
const { mutate, isPending, error } = useMutation<unknown, Problem>({
  mutationFn: () => answer(api.PUT('/api/workroom', { body: form })),
  onSuccess: () => {
    kept.value = true
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
