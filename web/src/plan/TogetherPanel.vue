<script setup lang="ts">
import { computed } from 'vue'
import type { DecorationForm, Plan } from '@/api/client'
import { capital, duration } from '@/quantity/format'

import { currentOption } from '@/ticket/currentOption'

/** Several things on one garment: in which order they are pressed, what that does to each, what else would go. */
const props = defineProps<{
  plan: Plan
  decorations: DecorationForm[]
  busy?: boolean
  /** Only what is: nothing to take. */ told?: boolean
}>()
defineEmits<{ take: [decoration: string, medium: string] }>()

const described = (id: string) => props.decorations.find((one) => one.id === id)?.description ?? id
const clash = computed(() => props.plan.together.clash)
const medium = (id: string) => capital(currentOption(props.plan, id)?.name ?? '')
const time = (seconds: number) => {
  const { value, unit } = duration(seconds)
  return `${value} ${unit}`
}
</script>

<template>
  <section v-if="decorations.length > 1 || clash" class="sheet together" :aria-label="$t('together.title')">
    <h3>{{ $t('together.title') }}</h3>
    <div v-if="clash" role="alert" class="clash">
      <strong v-if="clash.first === clash.second">{{
        $t('together.hopeless', { thing: described(clash.first) })
      }}</strong>
      <strong v-else>{{
        $t('together.clash', { first: described(clash.first), second: described(clash.second) })
      }}</strong>
      <p>{{ clash.reason }}</p>
      <p>{{ clash.lift }}</p>
    </div>
    <ol v-else class="sequence">
      <li v-for="placed in plan.together.sequence" :key="placed.decoration">
        <p>
          <strong>{{ described(placed.decoration) }}</strong>, {{ medium(placed.decoration) }}.
          <span class="muted">{{ placed.why }}</span>
        </p>
        <p v-if="placed.added" class="muted">{{ placed.added }}</p>
        <p class="margins">
          <span v-for="margin in placed.margins" :key="margin.question" :class="margin.verdict.toLowerCase()">
            {{ $t(`question.${margin.question}`) }} <strong>{{ margin.verdict.toLowerCase() }}</strong>,
            {{ margin.figure }}
          </span>
        </p>
      </li>
    </ol>
    <p v-if="plan.effort.piece && !clash" class="muted">
      {{
        $t('together.totals', {
          hands: time(plan.effort.piece.handsOn),
          press: time(plan.effort.piece.underPress),
          waiting: time(plan.effort.piece.waiting),
          order: time(plan.effort.order),
        })
      }}
    </p>
    <details v-if="plan.together.alternatives.length && !told" :open="clash !== null">
      <summary>{{ $t('together.alternatives') }}</summary>
      <ul class="others">
        <li v-for="other in plan.together.alternatives" :key="other.decoration + other.medium">
          <span
            >{{ described(other.decoration) }}: <strong>{{ capital(other.name) }}</strong><template
              v-if="!clash"
              ><span v-if="other.longer" class="muted"
                >,
                {{
                  $t(other.longer > 0 ? 'together.longer' : 'together.shorter', {
                    n: time(Math.abs(other.longer)),
                  })
                }}</span
              ><span v-if="other.tighter" class="muted"
                >,
                {{
                  $t(
                    other.tighter > 0 ? 'together.tighter' : 'together.safer',
                    { n: Math.abs(other.tighter) },
                    Math.abs(other.tighter),
                  )
                }}</span
              ></template
            ></span
          >
          <a-button size="small" :loading="busy" @click="$emit('take', other.decoration, other.medium)">{{
            $t('together.take')
          }}</a-button>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.together {
  display: grid;
  gap: 10px;
  margin: 10px 0 14px;
  padding: 14px 18px;
}

.clash {
  padding: 10px 14px;
  border-left: 4px solid var(--no);
  background: var(--no-ground);
}

.sequence {
  display: grid;
  gap: 10px;
  padding-left: 22px;
}

.margins {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  font-size: var(--type-note);
}

.safe strong {
  color: var(--safe);
}

.tight strong {
  color: var(--tight);
}

.no strong {
  color: var(--no);
}

.others {
  display: grid;
  gap: 6px;
  padding: 6px 0 0;
  list-style: none;
}

.others li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
}

summary {
  cursor: pointer;
}
</style>
