<script setup lang="ts">
import { computed } from 'vue'
import type { LayoutView } from './designs'

/** What goes to the cutter and the printer, at true size. */
const props = defineProps<{ ticketId: string; layout: LayoutView }>()
const address = (name: string) => `/api/tickets/${props.ticketId}/cutting/files/${name}`

const mats = computed(() =>
  props.layout.mats.flatMap(({ pieces }, n) =>
    [...new Set(pieces.map(({ colour }) => colour))].map((colour) => ({
      mat: n + 1,
      colour,
      name: `mat-${n + 1}-${colour.slice(1)}.svg`,
    })),
  ),
)
const pages = computed(() => props.layout.prints.reduce((sum, { pages: all }) => sum + all.length, 0))
</script>

<template>
  <section class="files">
    <h3>{{ $t('cut.files') }}</h3>
    <ul>
      <li v-for="file in mats" :key="file.name">
        <i :style="{ background: file.colour }" />
        <a :href="address(file.name)" download>{{
          $t('cut.fileMat', { n: file.mat, colour: file.colour })
        }}</a>
        <a
          :href="address(file.name.replace('.svg', '.dxf'))"
          download
          :aria-label="$t('sums.fileDxf', { name: $t('cut.fileMat', { n: file.mat, colour: file.colour }) })"
          >DXF</a
        >
      </li>
      <template v-for="n in pages" :key="n">
        <li>
          <a :href="address(`page-${n}.svg`)" download>{{ $t('cut.filePage', { n }) }}</a>
        </li>
        <li>
          <a :href="address(`cut-line-${n}.svg`)" download>{{ $t('cut.fileLine', { n }) }}</a>
          <a
            :href="address(`cut-line-${n}.dxf`)"
            download
            :aria-label="$t('sums.fileDxf', { name: $t('cut.fileLine', { n }) })"
            >DXF</a
          >
        </li>
      </template>
      <li>
        <a :href="address('mats.pdf')" download>{{ $t('cut.filePdf') }}</a>
      </li>
      <li v-if="layout.mats.length">
        <a :href="address('pieces.csv')" download>{{ $t('cut.fileCsv') }}</a>
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
  padding: 6px 0;
  list-style: none;
}

li {
  min-height: 28px;
}

a + a {
  margin-left: 8px;
}

i {
  display: inline-block;
  width: 14px;
  height: 14px;
  margin-right: 4px;
  border: 1px solid var(--muted);
  border-radius: 3px;
  vertical-align: -2px;
}
</style>
