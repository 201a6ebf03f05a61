<script setup lang="ts">
import type { Option } from '@/api/client'
import PeelMark from '@/speech/PeelMark.vue'
import PressureMark from '@/speech/PressureMark.vue'
import TemperatureValue from '@/quantity/TemperatureValue.vue'
import TimeValue from '@/quantity/TimeValue.vue'
import { useVocabulary } from '@/speech/vocabulary'
import WhyThis from './WhyThis.vue'

defineProps<{ option: Option }>()
const { word } = useVocabulary()
</script>

<template>
  <dl class="recipe">
    <div>
      <dt>{{ $t('press.set') }}</dt>
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
      <dt>{{ $t('press.peel') }}</dt>
      <dd class="word">
        <WhyThis what="peel" :why="option.recipe.peel.when.why">
          <PeelMark :peel="option.recipe.peel.when.value" />
        </WhyThis>
      </dd>
    </div>
    <div>
      <dt>{{ $t('press.cover') }}</dt>
      <dd class="word">
        <WhyThis what="cover" :why="option.recipe.layUp.cover.why">
          {{ word('cover', option.recipe.layUp.cover.value) }}
        </WhyThis>
      </dd>
    </div>
    <div>
      <dt>{{ $t('press.drying') }}</dt>
      <dd class="word">
        <WhyThis what="drying" :why="option.recipe.presses.drying.why">
          <TimeValue :seconds="option.recipe.presses.drying.value" />
        </WhyThis>
      </dd>
    </div>
    <div>
      <dt>{{ $t('press.keepBack') }}</dt>
      <dd class="word">
        <WhyThis what="keepBack" :why="option.recipe.waits.keepBack.why">
          <TimeValue :seconds="option.recipe.waits.keepBack.value" />
        </WhyThis>
      </dd>
    </div>
  </dl>
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
