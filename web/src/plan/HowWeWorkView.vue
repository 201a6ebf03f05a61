<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, type Problem, type Schemas } from '@/api/client'
import { touched } from '@/api/queries'
import { useEditing } from '@/form/useEditing'
import QueryState from '@/shell/QueryState.vue'

/** Where makers disagree, and what this shop keeps to. */
type School = Schemas['Answer']['school']
const client = useQueryClient()
const { data, isPending, error, refetch } = useQuery({
  queryKey: ['schools'],
  queryFn: () => answer(api.GET('/api/schools')),
})
interface Chosen {
  /** To each question what this shop keeps to. */
  by: Record<string, School | undefined>
  version: number
}
const chosenOf = (view: Schemas['SchoolsView']): Chosen => ({
  by: Object.fromEntries(
    view.questions.map((asked) => [asked.asks, asked.answers.find((given) => given.kept)?.school]),
  ),
  version: view.version,
})
const server = computed(() => data.value && chosenOf(data.value))
/** What is ours is not kept by name: it changes as we learn. */
const isOurs = (school: School) =>
  data.value?.questions.some((asked) => asked.answers.some((given) => given.school === school && given.ours))

const {
  form: chosen,
  sending,
  keep: send,
} = useEditing<Chosen>(
  () => server.value,
  async ({ by, version }) => {
    const kept = Object.values(by).filter((school): school is School => !!school && !isOurs(school))
    const view = await answer(api.PUT('/api/schools', { body: { kept, version } }))
    client.setQueryData(['schools'], view)
    return chosenOf(view)
  },
)
const keeping = useMutation<boolean, Problem>({
  mutationFn: () => send(),
  onSuccess: () => void touched(client, 'school'),
  onError: () => void refetch(),
})

/** What is chosen while another choice is on its way goes with the next one. */
function keep(question: Schemas['Question'], school: School) {
  if (!chosen.value) return
  chosen.value.by[question.asks] = school
  if (!sending.value) keeping.mutate()
}
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
            :value="chosen?.by[question.asks]"
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
  font-size: var(--type-lead);
}

:deep(.ant-radio-group) {
  display: grid;
  clear: both;
  gap: 8px;
}

/* The circle stands beside the name, not in the middle of name and reason. */
:deep(.ant-radio-wrapper) {
  align-items: start;
  font-size: var(--type-body);
}

.why {
  display: block;
  font-size: var(--type-note);
}

.ours {
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
  color: var(--chosen);
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
