import { expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import DyeField from './DyeField.vue'

const asked = { label: '100% cotton', dye: 'DISPERSE', depth: 'DARK' }
const props = { modelValue: 'DISPERSE', labelText: '100% cotton ', depth: 'DARK' }

it('asks about a dye that the fibres cannot have, where the dye is told', () => {
  const question = 'Cotton is not coloured by disperse dye.'
  const field = mounted(DyeField, props, [[['dye', asked], [question]]])
  expect(field.find('.question').text()).toBe(question)
})

it('is silent where they can', () => {
  expect(
    mounted(DyeField, props, [[['dye', asked], []]])
      .find('.question')
      .exists(),
  ).toBe(false)
})
