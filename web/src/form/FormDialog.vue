<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { ref, watch } from 'vue'
import type { Problem } from '@/api/client'
import { useFields } from './fields'
import FormProblem from './FormProblem.vue'

/**
 * A form in a window: kept once nothing is wrong with its fields; what the server refuses is said in it. What is changed while it is
 * being kept is not kept yet: the window then stays open and says so.
 */
const props = defineProps<{
  title: string
  keep: string
  width?: string
  /** All that is typed in it. */
  typed: object
  /** Sends it; afterwards what is typed has the version that the server gave it. */
  send: () => Promise<unknown>
}>()
const emit = defineEmits<{ kept: []; cancel: [] }>()
const { mutate, isPending, error } = useMutation<unknown, Problem>({
  mutationFn: () => {
    sent = written()
    return props.send()
  },
  onSuccess: () => {
    if (written() === sent) emit('kept')
    else more.value = true
  },
})
/** Whether something was changed since it was kept. */
const more = ref(false)
let sent = ''
const written = () => JSON.stringify({ ...props.typed, version: 0 })
watch(isPending, (now) => now && (more.value = false))
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
    <p v-if="more" role="status" class="more">{{ $t('form.more') }}</p>
    <FormProblem />
  </a-modal>
</template>

<style scoped>
.more {
  padding-top: 10px;
}
</style>
