<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api, type Schemas } from '@/api/client'
import { isNoHeat } from '@/media/noHeat'
import ChoiceField from '@/form/ChoiceField.vue'
import FormDialog from '@/form/FormDialog.vue'
import LengthField from '@/form/LengthField.vue'
import NumberField from '@/form/NumberField.vue'
import TextField from '@/form/TextField.vue'
import { useVocabulary } from '@/speech/vocabulary'
import { formOf } from './materialForm'
import SheetFields from './SheetFields.vue'

/** A material as it stands on its roll and on the sheet that came with it. */
const props = defineProps<{ material: Schemas['MaterialView'] | null }>()
defineEmits<{ kept: []; cancel: [] }>()
const { options } = useVocabulary()
const { t } = useI18n()
const id = props.material?.id ?? crypto.randomUUID()
const form = ref(formOf(props.material))
const media = () => options('medium').filter((medium) => !isNoHeat(medium.value))
async function send() {
  const kept = await answer(api.PUT('/api/materials/{id}', { params: { path: { id } }, body: form.value }))
  form.value.version = kept.version
}
</script>

<template>
  <FormDialog
    :title="material ? material.material.name : t('shelf.new')"
    :keep="t('shelf.keep')"
    width="760px"
    :typed="form"
    :send="send"
    @kept="$emit('kept')"
    @cancel="$emit('cancel')"
  >
    <div class="fields">
      <TextField
        id="material-name"
        v-model="form.name"
        path="name"
        class="wide2"
        :label="$t('shelf.name')"
        :max="60"
      />
      <ChoiceField
        id="material-medium"
        v-model="form.medium"
        path="medium"
        class="wide2"
        :label="$t('shelf.columns.medium')"
        :options="media()"
      />
      <TextField
        id="material-colour"
        v-model="form.colour"
        path="colour"
        :label="$t('shelf.columns.colour')"
        :max="40"
      />
      <ChoiceField
        id="material-depth"
        v-model="form.depth"
        path="depth"
        :label="$t('garment.depth')"
        :options="options('depth')"
      />
      <LengthField
        id="roll-width"
        v-model="form.rollWidth"
        path="rollWidth"
        :label="$t('shelf.rollWidth')"
        :min="0"
        :max="3000"
      />
      <LengthField
        v-if="form.rollWidth"
        id="left"
        v-model="form.left"
        :label="$t('shelf.left')"
        :min="0"
        :max="1000000"
      />
      <NumberField
        v-else
        id="left"
        v-model="form.left"
        :label="$t('shelf.sheetsLeft')"
        :min="0"
        :max="1000000"
        whole
      />
      <NumberField
        id="price"
        v-model="form.price"
        path="price"
        :label="$t(form.rollWidth ? 'shelf.pricePerMetre' : 'shelf.pricePerSheet')"
        :min="0"
        :max="100000"
        optional
      />
    </div>
    <SheetFields v-model="form" />
  </FormDialog>
</template>
