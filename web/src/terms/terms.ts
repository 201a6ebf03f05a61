/** Terms of the trade, and of ours, that explain themselves where they stand; their words are in i18n under `term`. */
export const TERMS = [
  'hold',
  'mark',
  'bleed',
  'margin',
  'stack',
  'glueLine',
  'platen',
  'display',
  'window',
  'sheet',
  'cover',
  'carrier',
  'peel',
  'prePress',
  'tack',
  'rest',
  'pad',
  'weed',
  'kissCut',
  'mirrored',
  'blocker',
  'station',
] as const

export type Term = (typeof TERMS)[number]

/** What the question of a margin is explained by; a margin asks one of three. */
export const OF_QUESTION: Record<string, Term> = { HOLD: 'hold', MARK: 'mark', BLEED: 'bleed' }
