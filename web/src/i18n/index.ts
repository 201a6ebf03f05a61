import { createI18n } from 'vue-i18n'
import en from './en'

/** The web's own labels. Another language is another file beside en.ts. */
export const i18n = createI18n({ legacy: false, locale: 'en', fallbackLocale: 'en', messages: { en } })
