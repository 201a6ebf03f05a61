<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import type { Problem } from '@/api/client'
import { useFields } from './fields'
import FormProblem from './FormProblem.vue'

/** A form in a window: kept once nothing is wrong with its fields; what the server refuses is said in it. */
const props = defineProps<{ title: string; keep: string; width?: string; send: () => Promise<unknown> }>()
const emit = defineEmits<{ kept: []; cancel: [] }>()
const { mutate, isPending, error } = useMutation<unknown, Problem>({
  mutationFn: () => props.send(),
  onSuccess: () => emit('kept'),
})
const { ready } = useFields(() => error.value)

function submit() {
  if (ready()) mutate()
}
</script>

<template>
  <a-modal
    open
    :width="width"
    :title="title"
    :ok-text="keep"
    :cancel-text="$t('cancel')"
    :confirm-loading="isPending"
    @ok="submit"
    @cancel="$emit('cancel')"
  >
    <slot />
    <FormProblem />
  </a-modal>
</template>
