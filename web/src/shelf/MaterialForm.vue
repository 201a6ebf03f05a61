<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { answer, api, type Problem, type Schemas } from '@/api/client'
import ChoiceField from '@/cloth/ChoiceField.vue'
import LengthInput from '@/quantity/LengthInput.vue'
import { useVocabulary } from '@/speech/vocabulary'
import { formOf } from './materialForm'
import SheetFields from './SheetFields.vue'

/** A material as it stands on its roll and on the sheet that came with it. */
const props = defineProps<{ material: Schemas['MaterialView'] | null }>()
const emit = defineEmits<{ kept: []; cancel: [] }>()
const { options } = useVocabulary()
const { t } = useI18n()
const id = props.material?.id ?? crypto.randomUUID()
const form = reactive(formOf(props.material))
const media = () => options('medium').filter((medium) => medium.value !== 'no-heat')
const { mutate, isPending, error } = useMutation<unknown, Problem>({
  mutationFn: () => answer(api.PUT('/api/materials/{id}', { params: { path: { id } }, body: form })),
  onSuccess: () => emit('kept'),
})
</script>

<template>
  <a-modal
    open
    width="760px"
    :title="material ? material.material.name : t('shelf.new')"
    :ok-text="t('shelf.keep')"
    :cancel-text="t('cancel')"
    :confirm-loading="isPending"
    @ok="mutate()"
    @cancel="$emit('cancel')"
  >
    <div class="fields">
      <label class="wide2"
        ><span>{{ $t('shelf.name') }}</span
        ><a-input id="material-name" v-model:value="form.name" :maxlength="60"
      /></label>
      <ChoiceField
        id="material-medium"
        v-model="form.medium"
        class="wide2"
        :label="$t('shelf.columns.medium')"
        :options="media()"
      />
      <label
        ><span>{{ $t('shelf.columns.colour') }}</span
        ><a-input id="material-colour" v-model:value="form.colour" :maxlength="40"
      /></label>
      <ChoiceField
        id="material-depth"
        v-model="form.depth"
        :label="$t('garment.depth')"
        :options="options('depth')"
      />
      <label
        ><span>{{ $t('shelf.rollWidth') }}</span
        ><LengthInput id="roll-width" v-model="form.rollWidth" :min="0" :max="3000"
      /></label>
      <label v-if="form.rollWidth"
        ><span>{{ $t('shelf.left') }}</span
        ><LengthInput id="left" v-model="form.left" :min="0" :max="1000000"
      /></label>
      <label v-else
        ><span>{{ $t('shelf.sheetsLeft') }}</span
        ><a-input-number
          id="left"
          v-model:value="form.left"
          :min="0"
          :max="1000000"
          :precision="0"
          class="full"
      /></label>
    </div>
    <SheetFields v-model="form" />
    <p v-if="error" role="alert" class="problem">{{ error.message }}</p>
  </a-modal>
</template>

<style scoped>
.problem {
  padding-top: 10px;
  color: var(--no);
}
</style>
