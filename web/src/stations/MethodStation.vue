<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { isNoHeat, NO_HEAT } from '@/media/noHeat'
import { useVocabulary } from '@/speech/vocabulary'
import { useKey } from '@/shell/keys'
import { missing } from '@/ticket/blankTicket'
import { withFilmBelow } from '@/ticket/filmBelow'
import CompareOptions from '@/plan/CompareOptions.vue'
import DecorationTabs from '@/ticket/DecorationTabs.vue'
import OptionRow from '@/plan/OptionRow.vue'
import RuledOutList from '@/plan/RuledOutList.vue'
import TogetherPanel from '@/plan/TogetherPanel.vue'
import type { OwnSetting } from '@/presswindow/useTrial'
import WindowPanel from '@/presswindow/WindowPanel.vue'
import { useMaterials } from '@/shelf/useMaterials'
import { keptTicket, useAside } from './openTicket'

const { form, ticket, plan, presses, preview, decoration, art, at, looking, looked, take, busy, go } =
  keptTicket()
useAside({ thing: null, stack: 'typed' })
/** The first design that still wants one is looked at, never one that is done. */
at.value = form.value.decorations.find(({ medium }) => medium === null)?.id ?? at.value

const { word, title } = useVocabulary()
const { t } = useI18n()
const { data: materials } = useMaterials()
/** So many are told in full; the rest in one line each. */
const OPEN = 3
const comparing = ref(false)
useKey('t', () => {
  const best = decoration.value?.options[0]
  const both = decoration.value?.twoLayers[0]
  if (busy.value) return
  if (best) take(best.medium)
  else if (both) takeBoth(both)
})
/** The medium whose window is looked at, though its usual setting will not do. */
const window = ref<{ medium: string; name: string } | null>(null)
const trial = computed(() =>
  window.value && art.value
    ? { ticket: form.value, decoration: art.value.id, medium: window.value.medium }
    : null,
)
/** What goes for every one of them is said once, above them. */
const common = computed(() => {
  const [first, ...others] = decoration.value?.options ?? []
  return others.length
    ? first!.advice.cautions.filter((said) => others.every(({ advice }) => advice.cautions.includes(said)))
    : []
})
/** A film as large as the art and a little more, which keeps the dye of the cloth from it, and the other over it. */
function takeBoth({ below, option }: Schemas['TwoLayers']) {
  if (!art.value || !plan.value) return
  form.value.decorations = withFilmBelow(
    form.value,
    art.value.id,
    below,
    plan.value,
    t('method.filmBelow', { what: art.value.description }),
  )
  take(option.medium, art.value.id)
}
function takeInstead(medium: string) {
  take(medium, trial.value?.decoration)
  window.value = null
}
function settle(own: OwnSetting | null) {
  if (trial.value) take(trial.value.medium, trial.value.decoration, own)
  window.value = null
}
/** What was vetoed for what it shows is mostly made for other work: told, but not in the way. */
const near = computed(() => decoration.value?.ruledOut.filter((out) => out.question !== 'SHOW') ?? [])
const other = computed(() => decoration.value?.ruledOut.filter((out) => out.question === 'SHOW') ?? [])
/** Neither alone nor over something else. */
const nothing = computed(() => !decoration.value?.options.length && !decoration.value?.twoLayers.length)
const open = computed(() => missing(form.value))
const rolls = computed(() => {
  const usable = new Set(decoration.value?.options.map((option) => option.medium))
  return (materials.value?.items ?? [])
    .filter((item) => usable.has(item.material.medium))
    .map((item) => ({
      value: item.id,
      label: `${item.material.name}, ${item.material.colour} (${item.mediumName})`,
    }))
})
const taken = computed(() =>
  ticket.value.planCurrent || form.value.decorations.length > 1 ? (art.value?.medium ?? null) : null,
)
const press = computed(() => presses.value.find(({ id }) => id === form.value.pressId)?.press.name ?? null)
const error = preview.error
/** Taken once, but the garment has changed since. */
const gone = computed(() => {
  const medium = art.value?.medium
  const all = decoration.value
  return medium && all && !isNoHeat(medium) && !all.options.some((o) => o.medium === medium) ? medium : null
})
const material = computed({
  get: () => art.value?.materialId ?? undefined,
  set: (value: string | undefined) => {
    if (art.value) art.value.materialId = value ?? null
  },
})
</script>

<template>
  <div>
    <h2>{{ $t('method.title') }}</h2>
    <div v-if="open.length" class="sheet notice" role="alert">
      {{ $t('method.fix', { what: open.map((key) => $t(`garment.${key}`)).join(', ') }) }}
      <a-button size="small" @click="go('garment')">{{ $t('method.toGarment') }}</a-button>
    </div>
    <div v-else-if="error" class="sheet notice" role="alert">
      {{ error.message }}
      <a-button size="small" @click="go('garment')">{{ $t('method.toGarment') }}</a-button>
    </div>
    <a-skeleton v-else-if="!decoration" active />
    <template v-else>
      <TogetherPanel
        v-if="plan"
        :plan="plan"
        :decorations="form.decorations"
        :busy="busy"
        @take="(id, medium) => take(medium, id)"
      />
      <DecorationTabs v-model="at" :decorations="form.decorations" choosing />
      <div class="line">
        <p class="muted">
          {{ form.garment.label }}, {{ form.garment.colour }}, {{ word('dye', form.garment.dye) }}.
          {{
            $t('method.summary', { options: decoration.options.length, ruledOut: decoration.ruledOut.length })
          }}
        </p>
        <label v-if="rolls.length" class="roll">
          <span class="visually-hidden">{{ $t('method.material') }}</span>
          <a-select
            v-model:value="material"
            :options="rolls"
            allow-clear
            show-search
            option-filter-prop="label"
            :placeholder="$t('method.materialNone')"
            :aria-label="$t('method.material')"
            style="width: 100%"
          />
        </label>
      </div>
      <p v-if="gone" class="gone" role="alert">{{ $t('method.gone', { medium: title('medium', gone) }) }}</p>
      <p v-if="decoration.options.length > 1" class="side">
        <a-button size="small" :aria-expanded="comparing" @click="comparing = !comparing">{{
          $t(comparing ? 'method.compareClose' : 'method.compare')
        }}</a-button>
        <RouterLink :to="{ name: 'how-we-work' }">{{ $t('schools.title') }}</RouterLink>
      </p>
      <CompareOptions v-if="comparing" :options="decoration.options" />
      <ul v-if="common.length" class="common" :aria-label="$t('method.common')">
        <li v-for="caution in common" :key="caution">{{ caution }}</li>
      </ul>
      <div class="options">
        <OptionRow
          v-for="(option, n) in decoration.options"
          :key="option.medium"
          :option="option"
          :rank="n + 1"
          :press="press"
          :taken="option.medium === taken"
          :shown="option.medium === looked?.medium"
          :busy="busy"
          :said="common"
          :explain="n === 0"
          :folded="n >= OPEN && option.medium !== taken"
          @look="looking = option.medium"
          @take="take(option.medium)"
        />
      </div>
      <template v-if="decoration.twoLayers.length">
        <h3 class="out-title">
          {{ $t(decoration.options.length ? 'method.twoLayers' : 'method.onlyTwoLayers') }}
        </h3>
        <div class="options">
          <OptionRow
            v-for="(way, n) in decoration.twoLayers"
            :key="way.option.medium"
            :option="way.option"
            :below="word('medium', way.below)"
            :rank="decoration.options.length + n + 1"
            :press="press"
            :taken="false"
            :shown="way.option.medium === looked?.medium"
            :busy="busy"
            :folded="decoration.options.length + n >= OPEN"
            @look="looking = way.option.medium"
            @take="takeBoth(way)"
          />
        </div>
      </template>
      <section class="no-heat" :class="{ sheet: nothing }">
        <p v-if="nothing">{{ $t('method.none') }}</p>
        <h3 v-else>{{ $t('method.noHeat') }}</h3>
        <ul>
          <li v-for="way in decoration.noHeat" :key="way">{{ way }}</li>
        </ul>
        <a-button
          :type="nothing ? 'primary' : 'default'"
          :size="nothing ? 'middle' : 'small'"
          :loading="busy"
          @click="take(NO_HEAT)"
        >
          {{ $t('method.takeNoHeat') }}
        </a-button>
        <span v-if="isNoHeat(taken)" class="muted"> {{ $t('method.taken') }}</span>
      </section>
      <template v-if="decoration.ruledOut.length">
        <h3 class="out-title">{{ $t('method.ruledOut') }}</h3>
        <RuledOutList :ruled-out="near" @window="(medium, name) => (window = { medium, name })" />
        <details v-if="other.length" class="other" :open="!near.length">
          <summary>{{ $t('method.otherWork', { n: other.length }) }}</summary>
          <RuledOutList :ruled-out="other" />
        </details>
      </template>
      <a-modal
        v-if="trial && window"
        open
        width="820px"
        :title="$t('window.of', { medium: window.name })"
        :footer="null"
        @cancel="window = null"
      >
        <WindowPanel :trial="trial" :busy="busy" @keep="settle">
          <template v-if="decoration.options[0]" #empty>
            <a-button size="small" @click="takeInstead(decoration.options[0].medium)">
              {{ $t('window.another', { medium: decoration.options[0].name }) }}
            </a-button>
          </template>
        </WindowPanel>
      </a-modal>
    </template>
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 280px;
  align-items: center;
  gap: 16px;
  padding: 4px 0 12px;
}

.common {
  padding-bottom: 8px;
  color: var(--tight);
}

.options {
  display: grid;
  gap: 10px;
}

.notice {
  margin-top: 12px;
  padding: 14px 18px;
}

.gone {
  padding-bottom: 10px;
  color: var(--no);
  font-weight: 600;
}

.no-heat {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 16px;
  padding: 12px 2px;
}

.no-heat.sheet {
  padding: 16px 20px;
}

.no-heat.sheet > * {
  flex-basis: 100%;
}

.no-heat.sheet > button {
  flex-basis: auto;
}

.no-heat ul {
  flex: 1;
  font-size: var(--type-note);
}

.out-title {
  padding: 6px 0;
}

.side {
  display: flex;
  align-items: center;
  gap: 16px;
  padding-bottom: 10px;
}

.other {
  padding-top: 6px;
}

summary {
  padding: 6px 2px;
  cursor: pointer;
}
</style>
