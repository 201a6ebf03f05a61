<script setup lang="ts">
import { computed } from 'vue'
import type { DecorationForm } from '@/api/client'
import LengthInput from '@/quantity/LengthInput.vue'
import { useVocabulary } from '@/speech/vocabulary'
import ChoiceField from './ChoiceField.vue'

/** What goes on the garment, before a medium is chosen. */
const art = defineModel<DecorationForm>({ required: true })
const { options } = useVocabulary()
const ofStones = computed(() => art.value.kind === 'STONES')
const stoneSize = computed({
  get: () => art.value.stoneSize ?? undefined,
  set: (size) => (art.value.stoneSize = size ?? null),
})
</script>

<template>
  <section class="art">
    <h2>{{ $t('garment.art') }}</h2>
    <div class="fields">
      <label class="wide2"
        ><span>{{ $t('garment.description') }}</span
        ><a-input
          id="description"
          v-model:value="art.description"
          :maxlength="120"
          :placeholder="$t('garment.descriptionHint')"
      /></label>
      <ChoiceField
        id="art"
        v-model="art.kind"
        class="wide2"
        :label="$t('garment.artKind')"
        :options="options('art')"
      />
      <ChoiceField
        id="placement"
        v-model="art.placement"
        :label="$t('garment.placement')"
        :options="options('placement')"
      />
      <label
        ><span>{{ $t('garment.width') }}</span
        ><LengthInput id="width" v-model="art.width" :min="3" :max="3000"
      /></label>
      <label
        ><span>{{ $t('garment.height') }}</span
        ><LengthInput id="height" v-model="art.height" :min="3" :max="3000"
      /></label>
      <label
        ><span>{{ $t('garment.colours') }}</span
        ><a-input-number
          id="colours"
          v-model:value="art.colours"
          :min="1"
          :max="200"
          :precision="0"
          class="full"
      /></label>
      <ChoiceField
        id="lightest"
        v-model="art.lightest"
        :label="$t('garment.lightest')"
        :options="options('depth')"
      />
      <label
        ><span>{{ $t('garment.stroke') }}</span
        ><LengthInput id="stroke" v-model="art.thinnestStroke" :min="0.1" :max="100"
      /></label>
      <ChoiceField
        id="surface"
        v-model="art.surface"
        :label="$t('garment.surface')"
        :options="options('surface')"
      />
      <template v-if="ofStones">
        <label
          ><span>{{ $t('garment.stones') }}</span
          ><a-input-number
            id="stones"
            v-model:value="art.stones"
            :min="0"
            :max="20000"
            :precision="0"
            class="full"
        /></label>
        <label for="stone-size"
          ><span>{{ $t('garment.stoneSize') }}</span
          ><a-select
            id="stone-size"
            v-model:value="stoneSize"
            :options="options('stonesize')"
            allow-clear
            :aria-label="$t('garment.stoneSize')"
            :placeholder="$t('garment.stoneSizeAny')"
            class="full"
        /></label>
      </template>
      <div v-else class="switch">
        <a-switch id="layered" v-model:checked="art.layered" :aria-label="$t('garment.layered')" />
        <label for="layered">{{ $t('garment.layered') }}</label>
      </div>
    </div>
  </section>
</template>

<style scoped>
.art {
  width: 100%;
}

.switch {
  display: flex;
  align-items: center;
  gap: 10px;
}

.full {
  width: 100%;
}
</style>
