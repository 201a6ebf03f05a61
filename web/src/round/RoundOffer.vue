<script setup lang="ts">
import { useRound } from './useRound'

/** Offers the round once to who is new here. */
defineProps<{ ticketId: string }>()
const { offered, begin, leave } = useRound()
</script>

<template>
  <section v-if="!offered" class="sheet offer" :aria-label="$t('round.title')">
    <p>
      <b>{{ $t('round.new') }}</b> {{ $t('round.offer') }}
    </p>
    <a-button @click="begin(ticketId)">{{ $t('round.begin') }}</a-button>
    <a-button type="text" @click="leave">{{ $t('round.no') }}</a-button>
  </section>
</template>

<style scoped>
.offer {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin-bottom: 16px;
  padding: 12px 20px;
}

p {
  flex: 1 1 320px;
}
</style>
