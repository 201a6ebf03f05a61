<script setup lang="ts">
import { defineAsyncComponent, nextTick, ref, useTemplateRef } from 'vue'
import type { TicketForm } from '@/api/client'
import type { Chip } from './chips'
import type { Field } from './reading'

/** Its fields come when the first chip is opened. */
const ChipEditor = defineAsyncComponent(() => import('./ChipEditor.vue'))

/** What was read, each to be put right in its place. */
const form = defineModel<TicketForm>({ required: true })
defineProps<{ chips: Chip[] }>()
const open = ref<Field | null>(null)
const editor = useTemplateRef<HTMLElement>('editor')
const list = useTemplateRef<HTMLElement>('list')

function turn(field: Field) {
  open.value = open.value === field ? null : field
}

/** The cursor goes to what is put right, and back. */
const toField = () => editor.value?.querySelector<HTMLElement>('input, textarea')?.focus()

async function close() {
  const field = open.value
  open.value = null
  await nextTick()
  list.value?.querySelector<HTMLElement>(`[data-chip=${field}]`)?.focus()
}
</script>

<template>
  <div>
    <ul ref="list" class="chips" :aria-label="$t('intake.read')">
      <li v-for="chip in chips" :key="chip.field">
        <button
          type="button"
          class="chip"
          :class="chip.trust.toLowerCase()"
          :data-chip="chip.field"
          :aria-expanded="open === chip.field"
          @click="turn(chip.field)"
        >
          <span class="what">{{ $t(`intake.chip.${chip.field}`) }}</span>{{ ' '
          }}<span class="value">{{ chip.text || $t('intake.none') }}</span
          >{{ ' '
          }}<span v-if="chip.trust !== 'SAID'" class="trust">{{ $t(`intake.trust.${chip.trust}`) }}</span>
        </button>
      </li>
    </ul>
    <section
      v-if="open"
      ref="editor"
      class="sheet editor"
      :aria-label="$t('intake.putRight', { what: $t(`intake.chip.${open}`) })"
      @keydown.esc.stop="close"
    >
      <ChipEditor :key="open" v-model="form" :field="open" @vue:mounted="toField" />
      <a-button @click="close">{{ $t('intake.done') }}</a-button>
    </section>
  </div>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 6px;
  padding: 0;
  list-style: none;
}

.chip {
  display: inline-flex;
  align-items: baseline;
  gap: 6px;
  min-height: 32px;
  padding: 3px 12px;
  border: 1px solid var(--line);
  border-radius: 16px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.chip:hover {
  border-color: var(--muted);
}

.what,
.trust {
  color: var(--muted);
  font-size: var(--type-fine);
}

.value {
  font-weight: 600;
  overflow-wrap: anywhere;
}

.unsure {
  border: 2px dashed var(--tight);
}

.unsure .trust {
  color: var(--tight);
  font-weight: 600;
}

.usual {
  border-style: dotted;
  border-color: var(--muted);
  background: none;
}

.usual .value {
  font-weight: 400;
}

.editor {
  display: grid;
  gap: 10px;
  justify-items: start;
  margin-top: 10px;
  padding: 12px 16px;
}

@media (pointer: coarse) {
  .chip {
    min-height: 44px;
    border-radius: 22px;
  }
}
</style>
