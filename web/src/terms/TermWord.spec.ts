import { describe, expect, it } from 'vitest'
import en from '@/i18n/en'
import { mounted } from '@/testing/mounted'
import TermsView from './TermsView.vue'
import TermWord from './TermWord.vue'
import { TERMS } from './terms'

describe('a term', () => {
  it.each(TERMS)('%s says what it means where it stands', (term) => {
    const word = mounted(TermWord, { of: term }).get('button')
    expect(word.text()).toBe(en.term[term].name)
    expect(word.attributes('aria-description')).toBe(en.term[term].means)
  })

  it('stands with all others on one page', () => {
    const page = mounted(TermsView, {})
    expect(page.findAll('dt').map((one) => one.text())).toEqual(TERMS.map((term) => en.term[term].name))
  })
})
