<script setup lang="ts">
import type { Option } from '@/api/client'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { capital, duration } from '@/quantity/format'
import PeelMark from '@/speech/PeelMark.vue'
import PressureMark from '@/speech/PressureMark.vue'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import MarginBar from '@/presswindow/MarginBar.vue'
import WhyThis from './WhyThis.vue'

const props = defineProps<{
  option: Option
  rank: number
  press: string | null
  taken: boolean
  shown: boolean
  busy: boolean
  /** What is pressed first, where it cannot lie alone. */
  below?: string
  /** Cautions that are said above the list. */
  said?: string[]
  /** Whether the words of its margins explain themselves: once in a list. */
  explain?: boolean
  /** In one line, until it is looked at. */
  folded?: boolean
}>()
defineEmits<{ look: []; take: [] }>()
const { t } = useI18n()
const cautions = computed(() =>
  props.option.advice.cautions.filter((caution) => !props.said?.includes(caution)),
)
/** What one line has to warn of. */
const tight = computed(() => Object.values(props.option.margins).filter(({ verdict }) => verdict !== 'SAFE'))
const name = computed(() =>
  capital(
    props.below ? t('method.over', { medium: props.option.name, below: props.below }) : props.option.name,
  ),
)
const take = computed(() =>
  props.below ? t('method.takeBoth') : t('method.take', { medium: props.option.name }),
)
const order = computed(() => duration(props.option.standing.order))
</script>

<template>
  <article v-if="folded && !shown" class="option sheet line" @click="$emit('look')">
    <span class="rank figure">{{ rank }}</span>
    <h3>
      <button type="button" class="look" aria-expanded="false" @click.stop="$emit('look')">
        {{ name }}
      </button>
      <span v-if="taken" class="taken">{{ $t('method.taken') }}</span>
    </h3>
    <span class="figures">
      <TemperatureValue :celsius="option.recipe.setting.dial.value" />
      <TimeValue :seconds="option.recipe.setting.time.value" />
    </span>
    <span class="words">
      <span v-for="margin in tight" :key="margin.question" class="tight">
        {{ $t(`question.${margin.question}`) }} {{ margin.verdict.toLowerCase() }}
      </span>
    </span>
    <span class="muted">{{ order.value }} {{ order.unit }}</span>
    <a-button size="small" :aria-label="take" :loading="busy && shown" @click.stop="$emit('take')">{{
      $t('method.takeIt')
    }}</a-button>
  </article>
  <article v-else class="option sheet" :class="{ shown }" @click="$emit('look')">
    <span class="rank figure">{{ rank }}</span>
    <div class="what">
      <h3>
        <button type="button" class="look" :aria-pressed="shown" @click.stop="$emit('look')">
          {{ name }}
        </button>
        <span v-if="taken" class="taken">{{ $t('method.taken') }}</span>
      </h3>
      <p v-if="option.standing.reasons.length">{{ option.standing.reasons.join(' ') }}</p>
      <p v-if="option.press && option.press !== press" class="tool">
        {{ $t('method.otherTool', { press: option.press }) }}
      </p>
      <p class="muted">{{ $t('method.order', { time: `${order.value} ${order.unit}` }) }}</p>
    </div>
    <div class="margins">
      <MarginBar :margin="option.margins.hold" :explain="explain" />
      <MarginBar :margin="option.margins.mark" :explain="explain" />
      <MarginBar :margin="option.margins.bleed" :explain="explain" />
    </div>
    <ul v-if="cautions.length" class="cautions">
      <li v-for="caution in cautions" :key="caution">{{ caution }}</li>
    </ul>
    <div class="settings">
      <WhyThis what="set" :why="option.recipe.setting.dial.why">
        <TemperatureValue :celsius="option.recipe.setting.dial.value" />
      </WhyThis>
      <WhyThis what="time" :why="option.recipe.setting.time.why">
        <TimeValue :seconds="option.recipe.setting.time.value" />
      </WhyThis>
      <WhyThis what="pressure" :why="option.recipe.setting.pressure.why">
        <PressureMark :pressure="option.recipe.setting.pressure.value" />
      </WhyThis>
      <WhyThis what="peel" :why="option.recipe.peel.when.why">
        <PeelMark :peel="option.recipe.peel.when.value" />
      </WhyThis>
      <WhyThis what="keepBack" :why="option.recipe.waits.keepBack.why">
        {{ $t('method.keepBack') }} <TimeValue :seconds="option.recipe.waits.keepBack.value" class="small" />
      </WhyThis>
      <a-button
        class="take"
        :type="rank === 1 ? 'primary' : 'default'"
        :loading="busy && shown"
        @click.stop="$emit('take')"
      >
        {{ take }}
      </a-button>
    </div>
  </article>
</template>

<style scoped>
.option {
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr) auto;
  gap: 4px 12px;
  padding: 14px 16px;
}

.line {
  grid-template-columns: 30px minmax(0, 1fr) auto 110px 64px auto;
  align-items: baseline;
  padding: 8px 16px;
  cursor: pointer;
}

.line .rank {
  font-size: var(--type-section);
}

.figures {
  display: inline-flex;
  gap: 12px;
  font-size: var(--type-lead);
}

.words {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  color: var(--tight);
  font-size: var(--type-note);
}

.shown {
  border: 2px solid var(--chosen);
  padding: 13px 15px;
}

.rank {
  color: var(--chosen);
  font-size: var(--type-headline);
  line-height: 1;
}

h3 {
  font: 600 var(--type-lead) var(--text);
}

.look {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}

.taken {
  margin-left: 8px;
  padding: 1px 8px;
  border-radius: 8px;
  background: var(--safe);
  color: var(--on-safe);
  font-weight: 400;
  font-size: var(--type-fine);
}

.tool {
  font-weight: 600;
}

.cautions {
  grid-column: 2 / -1;
  padding-left: 18px;
  color: var(--tight);
}

.margins {
  --bar-width: 80px;

  display: grid;
  align-content: start;
  gap: 2px;
  padding-top: 2px;
}

.settings {
  display: flex;
  flex-wrap: wrap;
  grid-column: 2 / -1;
  align-items: baseline;
  gap: 6px 18px;
  padding-top: 6px;
}

.settings .figure {
  font-size: var(--type-headline);
}

.settings .small {
  font-size: var(--type-lead);
}

.take {
  margin-left: auto;
}
</style>
