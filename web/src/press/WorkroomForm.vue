<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { answer, api, type Problem, type Schemas } from '@/api/client'
import { toFahrenheit } from '@/quantity/format'
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
  set: (typed: number | undefined) => {
    if (typed !== undefined) form.air = fahrenheit.value ? (typed - 32) / 1.8 : typed
  },
})
const humidity = computed({
  get: () => form.humidity,
  set: (typed: number | undefined) => {
    if (typed !== undefined) form.humidity = typed
  },
})
const { mutate, isPending, error } = useMutation<unknown, Problem>({
  mutationFn: () => answer(api.PUT('/api/workroom', { body: form })),
  onSuccess: () => {
    kept.value = true
    emit('kept')
  },
})
</script>

<template>
  <section class="sheet room">
    <div>
      <h2>{{ $t('workroom.title') }}</h2>
      <p class="muted">{{ $t('workroom.intro') }}</p>
      <p v-if="workroom.version === 0" class="muted">{{ $t('workroom.usual') }}</p>
    </div>
    <form @submit.prevent="mutate()">
      <label>
        <span>{{ $t('workroom.air') }}</span>
        <a-input-number
          id="air"
          v-model:value="air"
          :min="fahrenheit ? 32 : 0"
          :max="fahrenheit ? 113 : 45"
          :addon-after="temperature"
        />
      </label>
      <label>
        <span>{{ $t('workroom.humidity') }}</span>
        <a-input-number id="humidity" v-model:value="humidity" :min="5" :max="95" addon-after="%" />
      </label>
      <a-button html-type="submit" :loading="isPending">{{ $t('workroom.keep') }}</a-button>
    </form>
    <p v-if="kept" role="status" class="kept">{{ $t('workroom.kept') }}</p>
    <p v-if="error" role="alert" class="problem">{{ error.message }}</p>
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

label > span {
  display: block;
  color: var(--muted);
  font-size: 13px;
}

form :deep(.ant-input-number-group-wrapper) {
  width: 130px;
}

.kept {
  flex-basis: 100%;
  color: var(--safe);
}

.problem {
  flex-basis: 100%;
  color: var(--no);
}
</style>
