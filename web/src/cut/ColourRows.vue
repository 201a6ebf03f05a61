<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useVocabulary } from '@/speech/vocabulary'
import type { Design } from './designs'
import { useMaterials } from '@/shelf/useMaterials'

/** The colours of a design: what each is cut from, which are cut as one, which are left out. */
const design = defineModel<Design>({ required: true })
const { t } = useI18n()
const { title } = useVocabulary()
const { data: shelf } = useMaterials()

/** Those of the design's own medium first. */
const materials = computed(() =>
  (shelf.value?.items ?? [])
    .map(({ id, material }) => ({
      value: id,
      label: `${material.name} · ${material.colour} · ${title('medium', material.medium)}`,
      own: material.medium === design.value.medium,
    }))
    .sort((a, b) => Number(b.own) - Number(a.own) || a.label.localeCompare(b.label)),
)

function change(colour: string, by: Partial<Design['colours'][number]>) {
  const colours = design.value.colours.map((each) => (each.colour === colour ? { ...each, ...by } : each))
  design.value = { ...design.value, colours }
}

const AS_ITSELF = 'own'
const asOne = (colour: string) => [
  { value: AS_ITSELF, label: t('cut.ownColour') },
  ...design.value.colours
    .filter((each) => each.colour !== colour && each.sameAs === null)
    .map((each) => ({ value: each.colour, label: t('cut.sameAs', { colour: each.colour }) })),
]
</script>

<template>
  <table class="rows colours">
    <thead>
      <tr>
        <th>{{ $t('cut.colour') }}</th>
        <th>{{ $t('cut.asOne') }}</th>
        <th>{{ $t('cut.material') }}</th>
        <th>{{ $t('cut.isCut') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in design.colours" :key="each.colour">
        <td class="colour"><i :style="{ background: each.colour }" /> {{ each.colour }}</td>
        <td>
          <a-select
            :value="each.sameAs ?? AS_ITSELF"
            :options="asOne(each.colour)"
            :aria-label="$t('cut.asOneOf', { colour: each.colour })"
            class="choice"
            @change="
              (to: unknown) => change(each.colour, { sameAs: to === AS_ITSELF ? null : (to as string) })
            "
          />
        </td>
        <td>
          <a-select
            v-if="each.sameAs === null"
            :id="`material-${each.colour.slice(1)}`"
            :value="each.materialId ?? undefined"
            :options="materials"
            :placeholder="$t('cut.anyMaterial')"
            :aria-label="$t('cut.materialOf', { colour: each.colour })"
            allow-clear
            show-search
            option-filter-prop="label"
            class="wide"
            @change="(id: unknown) => change(each.colour, { materialId: (id as string | undefined) ?? null })"
          />
        </td>
        <td>
          <a-switch
            v-if="each.sameAs === null"
            :checked="each.cut"
            :aria-label="$t('cut.isCutOf', { colour: each.colour })"
            @change="(on: unknown) => change(each.colour, { cut: on as boolean })"
          />
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.rows {
  table-layout: fixed;
}

.rows th:first-child {
  width: 108px;
}

.rows th:nth-child(2) {
  width: 134px;
}

.rows th:last-child {
  width: 64px;
}

.rows th,
.rows td {
  padding: 6px 8px;
  vertical-align: middle;
}

.colour {
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
}

i {
  display: inline-block;
  width: 20px;
  height: 20px;
  margin-right: 6px;
  border: 1px solid var(--muted);
  border-radius: 4px;
  vertical-align: middle;
}

.choice {
  width: 116px;
}

.wide {
  width: 100%;
  min-width: 130px;
  max-width: 280px;
}
</style>
