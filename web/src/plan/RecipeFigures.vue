<script setup lang="ts">
import { computed } from 'vue'
import type { Option } from '@/api/client'
import PeelMark from '@/speech/PeelMark.vue'
import PressureMark from '@/speech/PressureMark.vue'
import TemperatureDifference from '@/quantity/TemperatureDifference.vue'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import { useVocabulary } from '@/speech/vocabulary'
import TermWord from '@/terms/TermWord.vue'
import WhyThis from './WhyThis.vue'

const props = defineProps<{ option: Option }>()
const { word } = useVocabulary()
/** What its display shows more than the platen has, K; why stands behind the temperature that is set. */
const off = computed(() => props.option.recipe.setting.dial.value - props.option.recipe.setting.platen)
</script>

<template>
  <dl class="recipe">
    <div>
      <dt>
        <TermWord of="display">{{ $t('press.set') }}</TermWord>
      </dt>
      <dd>
        <WhyThis what="set" :why="option.recipe.setting.dial.why">
          <TemperatureValue :celsius="option.recipe.setting.dial.value" />
        </WhyThis>
      </dd>
    </div>
    <div>
      <dt>{{ $t('press.time') }}</dt>
      <dd>
        <WhyThis what="time" :why="option.recipe.setting.time.why">
          <TimeValue :seconds="option.recipe.setting.time.value" />
        </WhyThis>
      </dd>
    </div>
    <div>
      <dt>{{ $t('press.pressure') }}</dt>
      <dd class="word">
        <WhyThis what="pressure" :why="option.recipe.setting.pressure.why">
          <PressureMark :pressure="option.recipe.setting.pressure.value" />
        </WhyThis>
      </dd>
    </div>
    <div>
      <dt>
        <TermWord of="peel">{{ $t('press.peel') }}</TermWord>
      </dt>
      <dd class="word">
        <WhyThis what="peel" :why="option.recipe.peel.when.why">
          <PeelMark :peel="option.recipe.peel.when.value" />
        </WhyThis>
      </dd>
    </div>
    <div>
      <dt>
        <TermWord of="cover">{{ $t('press.cover') }}</TermWord>
      </dt>
      <dd class="word">
        <WhyThis what="cover" :why="option.recipe.layUp.cover.why">
          {{ word('cover', option.recipe.layUp.cover.value) }}
        </WhyThis>
      </dd>
    </div>
    <div>
      <dt>
        <TermWord of="prePress">{{ $t('press.drying') }}</TermWord>
      </dt>
      <dd class="word">
        <WhyThis what="drying" :why="option.recipe.presses.drying.why">
          <TimeValue :seconds="option.recipe.presses.drying.value" />
        </WhyThis>
      </dd>
    </div>
    <div>
      <dt>
        <TermWord of="rest">{{ $t('press.keepBack') }}</TermWord>
      </dt>
      <dd class="word">
        <WhyThis what="keepBack" :why="option.recipe.waits.keepBack.why">
          <TimeValue :seconds="option.recipe.waits.keepBack.value" />
        </WhyThis>
      </dd>
    </div>
  </dl>
  <p v-if="Math.abs(off) >= 0.5" class="muted platen">
    {{ $t('press.platen') }} <TemperatureValue :celsius="option.recipe.setting.platen" />{{
      $t(off > 0 ? 'press.readsHigh' : 'press.readsLow')
    }}
    <TemperatureDifference :kelvin="Math.abs(off)" />.
  </p>
</template>

<style scoped>
.recipe {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  margin: 0;
}

dt {
  color: var(--muted);
  font-size: var(--type-note);
}

dd {
  margin: 0;
  font: 600 var(--type-far)/1.15 var(--figures);
}

.word {
  font-size: var(--type-section);
  line-height: 44px;
}

@media print {
  dt {
    font-size: var(--type-print-note);
  }

  dd {
    font-size: var(--type-headline);
  }

  .word {
    font-size: var(--type-body);
    line-height: 30px;
  }
}
</style>
