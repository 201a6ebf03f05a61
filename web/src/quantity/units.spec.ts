import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { i18n } from '@/i18n'
import TemperatureValue from './TemperatureValue.vue'
import { unitsHeader, useUnits } from './units'

const { temperature, length, words, next } = useUnits()

function metric() {
  temperature.value = '°C'
  length.value = 'mm'
}
beforeEach(metric)
afterEach(metric)

it('goes through the four pairs and back, the two usual ones first', () => {
  const seen = [words.value]
  for (let n = 0; n < 4; n++) {
    next()
    seen.push(words.value)
  }
  expect(seen).toEqual(['°C · mm', '°F · inch', '°C · inch', '°F · mm', '°C · mm'])
})

it('tells the server which units to speak in', () => {
  expect(unitsHeader()).toBe('celsius,mm')
  next()
  expect(unitsHeader()).toBe('fahrenheit,inch')
})

it('shows a temperature in the units of the moment', async () => {
  const shown = mount(TemperatureValue, { props: { celsius: 150 }, global: { plugins: [i18n] } })
  expect(shown.text().replace(/\s+/g, '')).toBe('150°C')
  next()
  await nextTick()
  expect(shown.text().replace(/\s+/g, '')).toBe('302°F')
})
