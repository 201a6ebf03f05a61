import type { PressWindow } from '@/presswindow/pressWindow'

/** A small window for tests: hold from 130 °C at 10 s, bleeding from 180 °C, nothing marks. */
export function windowOf(): PressWindow {
  const setting = { dial: 150, platen: 150, time: 10, pressure: 'MEDIUM' as const }
  const edge = (question: 'HOLD' | 'MARK' | 'BLEED', safe: boolean, celsius: number[]) => ({
    question,
    safe,
    celsius,
  })
  return {
    map: {
      celsius: [100, 120, 140, 160, 180, 200],
      seconds: [2, 10, 30],
      edges: [
        edge('HOLD', false, [700, 130, 125]),
        edge('HOLD', true, [700, 140, 130]),
        edge('MARK', false, [700, 700, 700]),
        edge('MARK', true, [700, 700, 700]),
        edge('BLEED', false, [190, 180, 170]),
        edge('BLEED', true, [180, 170, 160]),
      ],
      layers: [
        {
          kind: 'FILM',
          name: 'film',
          celsius: [100, 120, 140, 160, 180, 200].map((platen) => [platen - 15, platen - 5, platen - 2]),
        },
      ],
      glueLine: [100, 120, 140, 160, 180, 200].map((platen) => [platen - 40, platen - 10, platen - 5]),
      bond: [100, 120, 140, 160, 180, 200].map((platen) => [0, platen / 100, platen / 50]),
    },
    readsHigh: 0,
    temperatures: { low: 145, high: 160 },
    times: { low: 8, high: 15 },
    bySheet: true,
    now: setting,
    best: { ...setting, dial: 155, platen: 155 },
    dots: [],
    strays: 9,
    reliefs: [],
  }
}
