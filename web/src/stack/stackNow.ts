import { scaleLinear } from 'd3-scale'
import type { StackData } from '@/api/client'
import { tokensOf } from '@/style/tokens'

const token = tokensOf()

/** What lies in the press at one moment of its story, from the top down. */
export interface StackNow {
  time: number
  doing: string
  platen: number | null
  glueLine: number | null
  layers: { kind: string; celsius: number | null }[]
}

/** The temperature of each layer of a Stack at that moment; null for what is not there, or has no thickness. */
export function temperaturesOf(stack: StackData, now: StackNow): (number | null)[] {
  const met = new Map<string, number>()
  return stack.layers.map(({ kind }) => {
    if (kind === 'HEATED_PLATEN') return now.platen
    const nth = met.get(kind) ?? 0
    met.set(kind, nth + 1)
    return now.layers.filter((layer) => layer.kind === kind)[nth]?.celsius ?? null
  })
}

/** From a cold blue over steam to copper and ember: the colour of a temperature in the Stack. */
export const heatColour = scaleLinear<string>()
  .domain([20, 60, 100, 140, 190])
  .range(['cold', 'mild', 'warm', 'hot', 'scorching'].map((heat) => token(`heat-${heat}`)))
  .clamp(true)
