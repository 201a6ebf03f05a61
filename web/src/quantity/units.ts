import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

export type TemperatureUnit = '°C' | '°F'
export type LengthUnit = 'mm' | 'inch'

/** What lies in this browser may be no unit: then the usual one stands. */
function kept<T extends string>(key: string, usual: T, other: T) {
  return useLocalStorage<T>(key, usual, {
    serializer: { read: (text) => (text === other ? other : usual), write: (unit) => unit },
  })
}

const temperature = kept<TemperatureUnit>('kettle.temperature', '°C', '°F')
const length = kept<LengthUnit>('kettle.length', 'mm', 'inch')

/** The units that the maker reads in. Kept on this machine; the server says its sentences in them too. */
export function useUnits() {
  function turnTemperature() {
    temperature.value = temperature.value === '°C' ? '°F' : '°C'
  }

  function turnLength() {
    length.value = length.value === 'mm' ? 'inch' : 'mm'
  }

  /** Both at once, to the other of the two usual pairs. */
  function turnBoth() {
    const metric = temperature.value === '°C' && length.value === 'mm'
    temperature.value = metric ? '°F' : '°C'
    length.value = metric ? 'inch' : 'mm'
  }

  return { temperature, length, turnTemperature, turnLength, turnBoth }
}

export function unitsHeader(): string {
  return `${temperature.value === '°F' ? 'fahrenheit' : 'celsius'},${length.value}`
}

/** A part of every query key whose answer holds sentences. */
export const unitsKey = computed(unitsHeader)
