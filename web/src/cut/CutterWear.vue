<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { said } from '@/exchange/file'
import { cutterKey } from './cutter'

/** What the blade and the mat have behind them; what is worn is named before anything is cut. */
const client = useQueryClient()
const { data } = useQuery({ queryKey: cutterKey, queryFn: () => answer(api.GET('/api/cutter')) })
const problem = ref('')
type Part = 'BLADE' | 'MAT'
const parts = computed(() =>
  data.value
    ? [
        { part: 'BLADE' as Part, view: data.value.blade },
        { part: 'MAT' as Part, view: data.value.mat },
      ]
    : [],
)

async function fitted(part: Part) {
  problem.value = ''
  try {
    const now: Schemas['CutterView'] = await answer(
      api.PUT('/api/cutter/{part}/{id}', { params: { path: { part, id: crypto.randomUUID() } } }),
    )
    client.setQueryData(cutterKey, now)
  } catch (e) {
    problem.value = said(e)
  }
}
</script>

<template>
  <div class="parts">
    <p
      v-for="{ part, view } in parts"
      :key="part"
      :class="{ worn: view.worn }"
      :role="view.worn ? 'status' : undefined"
    >
      {{ view.told }}
      <a-popconfirm
        :title="$t(`cut.fitted.${part}Sure`)"
        :ok-text="$t(`cut.fitted.${part}`)"
        :cancel-text="$t('cancel')"
        @confirm="fitted(part)"
      >
        <a-button size="small">{{ $t(`cut.fitted.${part}`) }}</a-button>
      </a-popconfirm>
    </p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 6px;
  padding: 6px 0;
}

.worn {
  padding: 6px 12px;
  border-radius: 8px;
  background: var(--tight-ground);
}

.problem {
  color: var(--no);
}
</style>
