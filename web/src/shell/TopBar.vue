<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { useUnits } from '@/quantity/units'
import { helpOpen } from './help'
import { useKey } from './keys'
import { useTheme } from './useTheme'

const router = useRouter()
const { temperature, length, turnTemperature, turnLength } = useUnits()
const { theme, turn } = useTheme()
const search = ref('')
const field = useTemplateRef<HTMLInputElement>('field')
const places = ['today', 'tickets', 'cloths', 'shelf', 'presses'] as const

function find() {
  void router.push({ name: 'tickets', query: search.value ? { search: search.value } : {} })
}

function toField(event: KeyboardEvent) {
  event.preventDefault()
  field.value?.focus()
}

useKey('/', toField)
useKey('n', (event) => {
  // Else the letter lands in the field that the new ticket opens with.
  event.preventDefault()
  void router.push({ name: 'new-ticket' })
})
onKeyStroke('k', (event) => {
  if (event.ctrlKey || event.metaKey) toField(event)
})
</script>

<template>
  <header class="bar no-print">
    <a class="skip" href="#work">{{ $t('shell.skip') }}</a>
    <RouterLink class="mark" :to="{ name: 'today' }">{{ $t('product') }}</RouterLink>
    <nav :aria-label="$t('places.label')">
      <RouterLink v-for="place in places" :key="place" :to="{ name: place }" class="place">
        {{ $t(`places.${place}`) }}
      </RouterLink>
    </nav>
    <form role="search" class="search" @submit.prevent="find">
      <input
        ref="field"
        v-model="search"
        type="search"
        maxlength="100"
        :placeholder="$t('shell.find')"
        :aria-label="$t('shell.findLabel')"
      />
    </form>
    <button class="chip" type="button" @click="helpOpen = true">{{ $t('keys.button') }} <kbd>?</kbd></button>
    <button class="chip" type="button" @click="turn">
      {{ $t(theme === 'day' ? 'shell.night' : 'shell.day') }}
    </button>
    <span class="units">
      <button
        class="chip"
        type="button"
        :aria-label="$t('shell.temperature', { unit: temperature })"
        @click="turnTemperature"
      >
        {{ temperature }}
      </button>
      <button
        class="chip"
        type="button"
        :aria-label="$t('shell.length', { unit: length })"
        @click="turnLength"
      >
        {{ length }}
      </button>
    </span>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 22px;
  box-sizing: border-box;
  height: var(--bar);
  padding: 0 20px;
  background: var(--velvet);
  color: var(--on-dark);
}

.skip {
  position: absolute;
  left: -999px;
  color: var(--on-dark);
}

.skip:focus {
  left: 8px;
  top: 2px;
}

.mark {
  color: var(--on-dark);
  font: 600 var(--type-section) var(--figures);
  white-space: nowrap;
}

nav {
  display: flex;
  gap: 20px;
  height: 100%;
}

.place {
  display: flex;
  align-items: center;
  border-bottom: 3px solid transparent;
  border-top: 3px solid transparent;
  color: var(--on-velvet);
  white-space: nowrap;
}

.place:hover,
.place.router-link-active {
  color: var(--on-dark);
}

.place.router-link-active {
  border-bottom-color: var(--bar-here);
}

.search {
  flex: 1;
  min-width: 90px;
  text-align: right;
}

.search input {
  box-sizing: border-box;
  width: 100%;
  max-width: 220px;
  padding: 6px 12px;
  border: 0;
  border-radius: 8px;
  background: var(--velvet-light);
  color: var(--on-dark);
  font: inherit;
}

.search input::placeholder {
  color: var(--on-velvet);
}

.chip {
  padding: 4px 14px;
  border: 1px solid var(--bar-line);
  border-radius: 20px;
  background: none;
  color: var(--on-dark);
  font: inherit;
  font-size: var(--type-note);
  white-space: nowrap;
  cursor: pointer;
}

.units {
  display: inline-flex;
  gap: 6px;
}

.units .chip {
  padding: 4px 10px;
}

.bar :focus-visible {
  outline-color: var(--bar-here);
}

@media (max-width: 900px) {
  .bar {
    flex-wrap: wrap;
    height: auto;
    padding-block: 8px;
    row-gap: 8px;
  }

  nav {
    flex-wrap: wrap;
    height: auto;
  }

  .place {
    min-height: 44px;
  }
}

@media (max-width: 1100px) {
  .bar,
  nav {
    gap: 14px;
  }

  .chip kbd {
    display: none;
  }
}
</style>
