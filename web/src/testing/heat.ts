import type { Story } from '@/heat/curves'

/** A short story as the server tells it: a press of 10 s, then 10 s open. */
export const story: Story = {
  seconds: [0, 5, 10, 10, 15, 20],
  stretches: [
    { name: 'Press', closed: true, main: true, from: 0, to: 10 },
    { name: 'Peel', closed: false, main: false, from: 10, to: 20 },
  ],
  layers: [
    {
      kind: 'CARRIER',
      name: 'Carrier',
      upper: [{ from: 0, celsius: [25, 120, 140] }],
      lower: [{ from: 0, celsius: [24, 118, 138] }],
    },
    {
      kind: 'FRONT',
      name: 'Front, navy interlock',
      upper: [
        { from: 0, celsius: [21, 110, 130] },
        { from: 3, celsius: [130, 80, 50] },
      ],
      lower: [
        { from: 0, celsius: [21, 90, 110] },
        { from: 3, celsius: [110, 75, 48] },
      ],
    },
  ],
  platen: [{ from: 0, celsius: [150, 150, 150] }],
  glueLine: [
    { from: 0, celsius: [23, 112, 132] },
    { from: 3, celsius: [132, 82, 52] },
  ],
  events: [{ what: 'The bond is made', at: 6.5, celsius: 118 }],
  limits: [
    { what: 'Polyester sticks', celsius: 230 },
    { what: 'Polyester shines', celsius: 145 },
  ],
  peel: { onPad: { warm: 40, cold: null }, onTable: { warm: 20, cold: 60 } },
  doses: ['Bond: 2.1 times what the glue needs.'],
  giveOrTake: 5,
}
