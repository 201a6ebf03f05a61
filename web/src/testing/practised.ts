import type { Schemas } from '@/api/client'

const ended = (
  question: Schemas['Ended']['question'],
  verdict: Schemas['Ended']['verdict'],
  sentence: string,
) => ({
  question,
  verdict,
  sentence,
})

const place = (verdict: Schemas['Ended']['verdict']): Schemas['PlaceResult'] => ({
  ending: {
    hold: ended('HOLD', verdict, 'It held.'),
    mark: ended('MARK', 'SAFE', 'No mark.'),
    bleed: ended('BLEED', 'SAFE', 'No dye.'),
  },
  platen: 141,
})

/** A piece that let go in one corner, because it was pressed too short. */
export const pressed: Schemas['PressedPiece'] = {
  whole: {
    hold: ended('HOLD', 'NO', 'It lets go: the glue had only 0.7 times what it needs.'),
    mark: ended('MARK', 'SAFE', 'No mark.'),
    bleed: ended('BLEED', 'SAFE', 'No dye came through.'),
  },
  places: [...Array.from({ length: 8 }, () => place('SAFE')), place('NO')],
  wrong: [
    {
      question: 'HOLD',
      ended: ended('HOLD', 'NO', 'It lets go.'),
      because: ['It was pressed for 4 s; 12 s would have done better.'],
      together: false,
    },
  ],
  closedAt: 150,
  lowest: 147,
  track: { seconds: [0, 4, 8], celsius: [150, 147, 149] },
  phases: [
    { name: 'Press', closed: true, main: true, from: 0, to: 4 },
    { name: 'Peel', closed: false, main: false, from: 4, to: 8 },
  ],
  stack: {
    side: 'FACE',
    layers: [
      { kind: 'HEATED_PLATEN', name: 'Heated platen', thickness: null, substance: null, peak: 150 },
      { kind: 'FRONT', name: 'Front', thickness: 0.6, substance: null, peak: 120 },
      { kind: 'LOWER_PLATEN', name: 'Lower platen', thickness: null, substance: null, peak: null },
    ],
    glueLineBelow: 0,
    glueLinePeak: 128,
    giveOrTake: null,
  },
  better: {
    dial: 155,
    settings: { drying: 5, cover: 'NONE', time: 12, pressure: 'MEDIUM', peelAfter: 25 },
  },
}

/** A press that warms up to 150 in a minute. */
export function practised(shown: number, last: Schemas['PressedPiece'] | null): Schemas['Practised'] {
  return {
    standing: { seconds: [0, 60, 120], celsius: [shown, 150, 150] },
    strips: [-8, -7, -8, -7, -6, -7, -8, -7, -14],
    truth: {
      readsHigh: 7,
      contact: 0.9,
      pressure: 1,
      places: [0, 1, 0, 1, 2, 1, 0, 1, -6],
      warmsPerMinute: 14,
    },
    last,
  }
}
