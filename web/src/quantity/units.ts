import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

export type TemperatureUnit = '°C' | '°F'
export type LengthUnit = 'mm' | 'inch'

const temperature = useLocalStorage<TemperatureUnit>('kettle.temperature', '°C')
const length = useLocalStorage<LengthUnit>('kettle.length', 'mm')

/** The units that the maker reads in. Kept on this machine; the server says its sentences in them too. */
export function useUnits() {
  const choices = [
    { temperature: '°C', length: 'mm' },
    { temperature: '°F', length: 'inch' },
    { temperature: '°C', length: 'inch' },
    { temperature: '°F', length: 'mm' },
  ] as const
  const words = computed(() => `${temperature.value} · ${length.value}`)

  /** On to the next pair; the two usual ones come first. */
  function next() {
    const now = choices.findIndex((c) => c.temperature === temperature.value && c.length === length.value)
    const then = choices[(now + 1) % choices.length]!
    temperature.value = then.temperature
    length.value = then.length
  }

  return { temperature, length, words, next }
}

export function unitsHeader(): string {
  return `${temperature.value === '°F' ? 'fahrenheit' : 'celsius'},${length.value}`
}

/** A part of every query key whose answer holds sentences. */
export const unitsKey = computed(unitsHeader)
