<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { answer, api, type Problem, type Schemas } from '@/api/client'
import QueryState from '@/shell/QueryState.vue'

/** Where makers disagree, and what this shop keeps to. */
type School = Schemas['Answer']['school']
const client = useQueryClient()
const { data, isPending, error, refetch } = useQuery({
  queryKey: ['schools'],
  queryFn: () => answer(api.GET('/api/schools')),
})
const keeping = useMutation<Schemas['SchoolsView'], Problem, School[]>({
  mutationFn: (kept) =>
    answer(api.PUT('/api/schools', { body: { kept, version: data.value?.version ?? 0 } })),
  onSuccess: (view) => {
    client.setQueryData(['schools'], view)
    void client.invalidateQueries({ queryKey: ['preview'] })
  },
  onError: () => void refetch(),
})

/** The answers as they stand, but for one question. */
function keep(question: Schemas['Question'], school: School) {
  const kept = (data.value?.questions ?? []).flatMap((asked) =>
    asked === question
      ? [school]
      : asked.answers.filter((given) => given.kept && !given.ours).map((given) => given.school),
  )
  keeping.mutate(kept)
}
const chosen = (question: Schemas['Question']) => question.answers.find((given) => given.kept)?.school
</script>

<template>
  <main id="work" class="view">
    <div class="view-head">
      <h1>{{ $t('schools.title') }}</h1>
      <span class="muted">{{ $t('schools.intro') }}</span>
    </div>
    <p v-if="keeping.error.value" role="alert" class="problem">{{ keeping.error.value.message }}</p>
    <QueryState :loading="isPending" :error="error" @retry="refetch">
      <div class="questions">
        <fieldset v-for="question in data?.questions ?? []" :key="question.asks" class="sheet">
          <legend>{{ question.asks }}</legend>
          <a-radio-group
            :value="chosen(question)"
            :disabled="keeping.isPending.value"
            @update:value="(school: School) => keep(question, school)"
          >
            <a-radio v-for="given in question.answers" :key="given.school" :value="given.school">
              {{ given.name }} <small v-if="given.ours" class="ours">{{ $t('schools.ours') }}</small>
              <span class="muted why">{{ given.why }}</span>
            </a-radio>
          </a-radio-group>
        </fieldset>
      </div>
    </QueryState>
  </main>
</template>

<style scoped>
.questions {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}

fieldset {
  min-width: 0;
  margin: 0;
  padding: 8px 18px 14px;
}

legend {
  float: left;
  width: 100%;
  padding: 6px 0;
  font-weight: 600;
  font-size: 17px;
}

:deep(.ant-radio-group) {
  display: grid;
  clear: both;
  gap: 8px;
}

/* The circle stands beside the name, not in the middle of name and reason. */
:deep(.ant-radio-wrapper) {
  align-items: start;
  font-size: 15px;
}

.why {
  display: block;
  font-size: 14px;
}

.ours {
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
  color: var(--copper);
}

.problem {
  padding-bottom: 10px;
  color: var(--no);
}

@media (max-width: 900px) {
  .questions {
    grid-template-columns: 1fr;
  }
}
</style>
