<script setup lang="ts">
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import { partOf } from '@/form/parts'
import SwitchField from '@/form/SwitchField.vue'
import ShapeFields from './ShapeFields.vue'
import StockRows from './StockRows.vue'
import type { Patches } from './sums'

/** Patches: their outline, their lines, and the cloth and web they are cut from. */
const patches = defineModel<Patches>({ required: true })
defineProps<{ drawn: boolean; pieces: number }>()
const shape = partOf(patches, 'shape')
const satin = partOf(patches, 'satin')
const cover = partOf(patches, 'cover')
const tack = partOf(patches, 'tack')
const web = partOf(patches, 'web')
const stabiliser = partOf(patches, 'stabiliser')
const copies = partOf(patches, 'copies')
const kerf = partOf(patches, 'kerf')
const grain = partOf(patches, 'grain')
const webs = partOf(patches, 'webs')
const cloths = partOf(patches, 'cloths')
</script>

<template>
  <div class="fields">
    <ShapeFields v-model="shape" :drawn="drawn" />
    <NumberField
      id="patch-copies"
      v-model="copies"
      :label="$t('sums.patchCopies', { n: pieces })"
      :min="0"
      :max="200"
      whole
    />
    <LengthField id="patch-satin" v-model="satin" :label="$t('sums.satin')" :min="0" :max="12" />
    <LengthField id="patch-cover" v-model="cover" :label="$t('sums.cover')" :min="0" :max="40" />
    <LengthField id="patch-tack" v-model="tack" :label="$t('sums.tack')" :min="0" :max="5" />
    <LengthField id="patch-web" v-model="web" :label="$t('sums.webInset')" :min="0" :max="10" />
    <LengthField
      id="patch-stabiliser"
      v-model="stabiliser"
      :label="$t('sums.stabiliser')"
      :min="0"
      :max="100"
    />
    <LengthField id="patch-kerf" v-model="kerf" :label="$t('sums.kerf')" :min="0" :max="50" />
    <SwitchField id="patch-grain" v-model="grain" :label="$t('sums.grain')" />
  </div>
  <StockRows id="patch-webs" v-model="webs" :title="$t('sums.webs')" />
  <StockRows id="patch-cloths" v-model="cloths" :title="$t('sums.cloths')" />
</template>
