import type { Option, Plan } from '@/api/client'

/** The option that a plan's steps are for; null on the no-heat way. */
export function currentOption(plan: Plan | null): Option | null {
  const decoration = plan?.decorations[0]
  return decoration?.options.find((option) => option.medium === decoration.medium) ?? null
}

/** Whether there is something to cut or print before the press. */
export function needsCutting(option: Option | null | undefined): boolean {
  const face = option?.recipe.cutFace
  return face === 'GLUE_UP' || face === 'PRINT_SIDE' || face === 'FACE_UP'
}
