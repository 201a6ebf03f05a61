<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { capital } from '@/quantity/format'
import { useVocabulary } from '@/speech/vocabulary'

/** Media that will not do, each with its reason and what would lift it. */
const props = defineProps<{ ruledOut: Schemas['RuledOut'][] }>()
defineEmits<{ window: [medium: string, name: string] }>()
const { word } = useVocabulary()
/** Media that fail for the very same reason share a line. */
const groups = computed(() => {
  const found = new Map<string, { names: string[]; out: Schemas['RuledOut'] }>()
  for (const out of props.ruledOut) {
    const why = [out.question, out.reason, out.lift].join(' ')
    const group = found.get(why)
    if (group) group.names.push(out.name)
    else found.set(why, { names: [out.name], out })
  }
  return [...found.values()]
})
</script>

<template>
  <dl class="out">
    <div v-for="{ names, out } in groups" :key="out.medium">
      <dt>{{ capital(names.join(', ')) }}</dt>
      <dd>
        <span class="question">{{ word('question', out.question) }}:</span> {{ out.reason }}
        <strong>{{ out.lift }}</strong>
        <a-button
          v-if="out.bySetting"
          class="its"
          size="small"
          :aria-label="$t('window.of', { medium: out.name })"
          @click="$emit('window', out.medium, out.name)"
          >{{ $t('window.its') }}</a-button
        >
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.out {
  margin: 0;
}

.out > div {
  display: grid;
  grid-template-columns: 180px 1fr;
  padding: 9px 2px;
  border-top: 1px solid var(--line);
}

dt {
  font-weight: 600;
}

dd {
  margin: 0;
}

dd strong {
  color: var(--chosen);
}

.its {
  margin-left: 8px;
}

.question {
  color: var(--muted);
}
</style>
