import type { StackData } from '@/api/client'

export const STACK_WIDTH = 460

const GAP = 3

/** How tall each kind of layer is drawn, in parts: readable, not true to scale. */
const PARTS: Record<string, number> = {
  HEATED_PLATEN: 1.6,
  FRONT: 1.6,
  BACK: 1.4,
  PATCH: 1.4,
  PAD: 1.9,
  LOWER_PLATEN: 1.1,
}

export interface Band {
  index: number
  kind: string
  name: string
  thickness: number | null
  peak: number | null
  y: number
  height: number
  glueLineBelow: boolean
}

/** Places the layers of a Stack from the top down so that they fill the height. */
export function bandsOf(stack: StackData, height: number): Band[] {
  const parts = stack.layers.map((layer) => PARTS[layer.kind] ?? 1)
  const room = height - GAP * (parts.length - 1)
  const unit = Math.min(44, room / parts.reduce((sum, part) => sum + part, 0))
  let y = 0
  return stack.layers.map((layer, index) => {
    const band = {
      index,
      kind: layer.kind,
      name: layer.name,
      thickness: layer.thickness,
      peak: layer.peak,
      y,
      height: unit * parts[index]!,
      glueLineBelow: stack.glueLineBelow === index,
    }
    y += band.height + GAP
    return band
  })
}
