<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { usePlan, useTicket } from '@/ticket/useTicket'
import { atThePress } from '@/theme'
import QueryState from '@/shell/QueryState.vue'
import { openRun, rememberRun } from '@/ticket/openRun'
import PressRun from './PressRun.vue'

/** At the press: finds or begins the run in hand, and gives the whole screen to it. */
const route = useRoute()
const router = useRouter()
const id = computed(() => route.params.id as string)
const { data: ticket, isPending, error, refetch } = useTicket(id)
/** What the plan stands on may change while the run goes on. */
useIntervalFn(() => refetch(), 10_000)
const planId = computed(() => ticket.value?.planId)
const { data: stored } = usePlan(planId)
const runId = ref<string | null>(null)

watch(
  stored,
  async (plan) => {
    if (!plan || runId.value) return
    const open = await openRun(id.value, plan.id)
    // Another plan may be the ticket's by now.
    if (runId.value || stored.value?.id !== plan.id) return
    runId.value = open ?? crypto.randomUUID()
    rememberRun(id.value, runId.value, plan.id)
  },
  { immediate: true },
)

watch(ticket, (now) => {
  if (now && !now.planId) void router.replace({ name: 'ticket', params: { id: id.value, station: 'method' } })
})
</script>

<template>
  <a-config-provider :theme="atThePress">
    <main id="work" class="at-press">
      <QueryState :loading="isPending || !stored" :error="error" @retry="refetch">
        <PressRun
          v-if="ticket && stored && runId"
          :key="runId"
          :ticket="ticket"
          :plan-id="stored.id"
          :plan="stored.plan"
          :run-id="runId"
        />
      </QueryState>
    </main>
  </a-config-provider>
</template>

<style scoped>
.at-press {
  min-height: 100vh;
  background: var(--sheet);
  color: var(--ink);
}
</style>
