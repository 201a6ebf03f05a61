<script setup lang="ts">
import { computed } from 'vue'
import type { SumKind, SumView } from './sums'

/** The drawings of a sum at true size, and its stones as a table. */
const props = defineProps<{ ticketId: string; decoration: string; kind: SumKind; sum: SumView }>()
const address = (name: string) =>
  `/api/tickets/${props.ticketId}/sums/${encodeURIComponent(props.decoration)}/${props.kind}/files/${name}`
const papers = computed(() => [
  { name: 'pages.pdf', label: 'sums.filePages' },
  { name: 'a4.pdf', label: 'sums.fileA4' },
  { name: 'letter.pdf', label: 'sums.fileLetter' },
])
</script>

<template>
  <section v-if="sum.pages.length" class="files">
    <h3>{{ $t('sums.files') }}</h3>
    <ul>
      <li v-for="paper in papers" :key="paper.name">
        <a :href="address(paper.name)" download>{{ $t(paper.label) }}</a>
      </li>
      <li v-if="sum.kinds.length">
        <a :href="address('stones.csv')" download>{{ $t('sums.fileStones') }}</a>
      </li>
    </ul>
    <ul>
      <li v-for="(page, n) in sum.pages" :key="n">
        {{ page.name }}:
        <a :href="address(`page-${n + 1}.svg`)" download :aria-label="$t('sums.fileSvg', { name: page.name })"
          >SVG</a
        >
        <a :href="address(`page-${n + 1}.dxf`)" download :aria-label="$t('sums.fileDxf', { name: page.name })"
          >DXF</a
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.files {
  margin-top: 14px;
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  padding: 4px 0;
  list-style: none;
}

li {
  min-height: 28px;
}

a + a {
  margin-left: 8px;
}
</style>
