<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { touched } from '@/api/queries'
import { asBody, BYTES, picked, said } from './file'

/** A ticket that was saved as a file, here or elsewhere, becomes a new one. */
const router = useRouter()
const client = useQueryClient()
const picker = ref<HTMLInputElement>()
const problem = ref('')

async function read(event: Event) {
  const file = picked(event)
  if (!file) return
  problem.value = ''
  const id = crypto.randomUUID()
  try {
    await answer(
      api.PUT('/api/tickets/{id}/file', { params: { path: { id } }, body: asBody(file), ...BYTES }),
    )
    await touched(client, 'ticket')
    await router.push({ name: 'ticket', params: { id, station: 'garment' } })
  } catch (e) {
    problem.value = said(e)
  }
}
</script>

<template>
  <span>
    <a-button @click="picker?.click()">{{ $t('exchange.ticketIn') }}</a-button>
    <input
      ref="picker"
      type="file"
      accept=".json,application/json"
      class="visually-hidden"
      tabindex="-1"
      :aria-label="$t('exchange.ticketIn')"
      @change="read"
    />
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </span>
</template>

<style scoped>
.problem {
  color: var(--no);
}
</style>
