import type { Option, Plan, Schemas, StackData } from '@/api/client'

/** Data as the server sends it: a plan for white lettering on a navy rowing top. */
export const stack: StackData = {
  side: 'FACE',
  layers: [
    { kind: 'HEATED_PLATEN', name: 'Heated platen, Big press', thickness: null, substance: null, peak: null },
    { kind: 'CARRIER', name: 'Carrier', thickness: 0.1, substance: 'CARRIER_FILM', peak: 132 },
    { kind: 'FILM', name: 'Film', thickness: 0.045, substance: 'POLYURETHANE', peak: 131 },
    { kind: 'GLUE', name: 'Glue', thickness: 0.05, substance: 'HOT_MELT', peak: 129 },
    { kind: 'FRONT', name: 'Front, navy interlock', thickness: 0.6, substance: 'GARMENT_CLOTH', peak: 119 },
    { kind: 'PAD', name: 'Foam pad', thickness: 9, substance: 'SILICONE_FOAM', peak: 56 },
    { kind: 'LOWER_PLATEN', name: 'Lower platen, not heated', thickness: null, substance: null, peak: null },
  ],
  glueLineBelow: 3,
  glueLinePeak: 129,
  giveOrTake: 5,
}

export const margin: Schemas['Margin'] = {
  question: 'HOLD',
  verdict: 'SAFE',
  figure: '+1 s in hand',
  reason: 'Inside its window.',
  lift: null,
  computed: true,
  pointer: { at: 0.7, likeliest: 0.8 },
}

const why: Schemas['Evidence'][] = [{ source: 'TRADE', sentence: 'Blocker film takes 12 s to 15 s.' }]

export const option: Option = {
  medium: 'film-block',
  name: 'blocker film',
  recipe: {
    setting: {
      dial: { value: 139, why },
      platen: 135,
      time: { value: 13, why },
      pressure: { value: 'FIRM', why },
    },
    layUp: {
      cover: { value: 'NONE', why },
      side: 'FACE',
      orientation: { value: 'MIRRORED', why },
      cutFace: 'GLUE_UP',
      glueSide: 'Glue is the dull side.',
    },
    peel: { when: { value: 'COLD', why }, waiting: 60 },
    presses: {
      drying: { value: 3, why },
      coolBeforePlacing: false,
      before: [],
      after: [
        {
          kind: 'SECOND',
          side: 'FACE',
          cover: 'PARCHMENT',
          setting: { dial: 139, platen: 135, time: 5, pressure: 'FIRM' },
        },
      ],
      positions: 1,
      tool: ['Turn it to about 5 of 9.'],
    },
    stitch: 'NOT_NEEDED',
    waits: { firstWash: { value: 86400, why }, keepBack: { value: 259200, why } },
  },
  margins: { hold: margin, mark: margin, bleed: { ...margin, question: 'BLEED', verdict: 'TIGHT' } },
  standing: {
    reasons: ['Nothing else will do here.'],
    scores: [{ criterion: 'WEAR', points: 5, why: 'as long as the garment.' }],
    order: 3600,
  },
  advice: { cautions: [], testFirst: null },
  stack,
  press: 'Big press',
}

export const plan: Plan = {
  schema: 1,
  rules: '2026.11',
  decorations: [
    {
      decoration: 'a',
      options: [option],
      twoLayers: [],
      ruledOut: [],
      noHeat: [],
      medium: 'film-block',
      taken: true,
    },
  ],
  table: [{ decoration: 'a', instruction: 'Mirror the art.', acts: [{ act: 'Mirror', thing: 'a' }] }],
  steps: [],
  cautions: ['HOT'],
  care: [],
  resting: { firstWash: 86400, keepBack: 259200 },
  effort: { order: 3600, piece: { handsOn: 120, underPress: 17, waiting: 60 } },
  together: { sequence: [], clash: null, alternatives: [], placed: [] },
}
