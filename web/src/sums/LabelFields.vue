<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/form/ChoiceField.vue'
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import { partOf } from '@/form/parts'
import TakeAway from '@/form/TakeAway.vue'
import SwitchField from '@/form/SwitchField.vue'
import TextField from '@/form/TextField.vue'
import { useVocabulary } from '@/speech/vocabulary'
import PageField from './PageField.vue'
import type { Labels } from './sums'

/** Labels: their measures, their words, and the tape or pages they are made of. */
const labels = defineModel<Labels>({ required: true })
defineProps<{ roster: number }>()
const { options } = useVocabulary()
const tape = partOf(labels, 'tape')
const seen = partOf(labels, 'seen')
const fold = partOf(labels, 'fold')
const allowance = partOf(labels, 'allowance')
const gap = partOf(labels, 'gap')
const words = partOf(labels, 'words')
const sizes = partOf(labels, 'sizes')
const each = partOf(labels, 'each')
const face = partOf(labels, 'face')
const onPages = partOf(labels, 'onPages')
const strip = partOf(labels, 'strip')
const page = partOf(labels, 'page')
const tapes = partOf(labels, 'tapes')
const lengths = computed(() =>
  tapes.value.map((_, n) =>
    computed({
      get: () => tapes.value[n]!,
      set: (to) => (tapes.value = tapes.value.map((one, i) => (i === n ? to : one))),
    }),
  ),
)
</script>

<template>
  <div class="fields">
    <TextField
      id="label-words"
      v-model="words"
      :label="$t('sums.labelWords')"
      path="labels.words"
      :max="60"
      :placeholder="roster ? $t('sums.fromRoster', { n: roster }) : ''"
      :optional="roster > 0"
    />
    <ChoiceField id="label-face" v-model="face" :label="$t('cut.face2')" :options="options('face')" />
    <NumberField id="label-each" v-model="each" :label="$t('sums.labelsEach')" :min="1" :max="20" whole />
    <SwitchField v-if="roster" id="label-sizes" v-model="sizes" :label="$t('sums.labelSizes')" />
    <LengthField id="label-tape" v-model="tape" :label="$t('sums.tapeWidth')" :min="5" :max="150" />
    <LengthField id="label-seen" v-model="seen" :label="$t('sums.labelSeen')" :min="5" :max="300" />
    <ChoiceField id="label-fold" v-model="fold" :label="$t('sums.fold')" :options="options('fold')" />
    <LengthField
      v-if="fold !== 'FLAT'"
      id="label-allowance"
      v-model="allowance"
      :label="$t('sums.allowance')"
      :min="0"
      :max="30"
    />
    <LengthField id="label-gap" v-model="gap" :label="$t('sums.labelGap')" :min="0" :max="20" />
    <SwitchField id="label-pages" v-model="onPages" :label="$t('sums.onPages')" />
    <PageField v-if="onPages" id="label-page" v-model="page" :label="$t('cut.pageSize')" />
    <LengthField
      v-else
      id="label-strip"
      v-model="strip"
      :label="$t('sums.longestStrip')"
      :min="50"
      :max="2000"
    />
  </div>
  <div v-if="!onPages" class="tapes">
    <div v-for="(length, n) in lengths" :key="n" class="row">
      <LengthField
        :id="`label-tape-${n}`"
        v-model="length.value"
        :label="$t('sums.tapeLength', { n: n + 1 })"
        :min="10"
        :max="10000"
      />
      <TakeAway
        v-if="tapes.length > 1"
        :label="$t('sums.removeTape', { n: n + 1 })"
        @away="tapes = tapes.filter((_, i) => i !== n)"
      />
    </div>
    <a-button v-if="tapes.length < 40" @click="tapes = [...tapes, 2000]">{{ $t('sums.addTape') }}</a-button>
  </div>
</template>

<style scoped>
.tapes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px 14px;
  align-items: end;
  padding: 8px 0;
}

.row {
  display: flex;
  align-items: end;
  gap: 6px;
}
</style>
