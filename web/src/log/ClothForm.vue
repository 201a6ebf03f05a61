<script setup lang="ts">
import { reactive } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import GarmentFields from '@/cloth/GarmentFields.vue'
import FormDialog from '@/form/FormDialog.vue'
import { blankGarment, copyOf } from '@/ticket/blankTicket'

/** A garment that the shop presses often. */
const props = defineProps<{ cloth: Schemas['KnownCloth'] | null }>()
defineEmits<{ kept: []; cancel: [] }>()
const id = props.cloth?.id ?? crypto.randomUUID()
const form = reactive<Schemas['ClothForm']>({
  garment: copyOf(props.cloth?.garment ?? blankGarment()),
  version: props.cloth?.version ?? 0,
})
async function send() {
  const kept = await answer(api.PUT('/api/cloths/{id}', { params: { path: { id } }, body: form }))
  form.version = kept.version
}
</script>

<template>
  <FormDialog
    :title="cloth ? cloth.name : $t('cloths.new')"
    :keep="$t('cloths.keep')"
    width="860px"
    :typed="form"
    :send="send"
    @kept="$emit('kept')"
    @cancel="$emit('cancel')"
  >
    <GarmentFields v-model="form.garment" />
  </FormDialog>
</template>
