import type { Option, Plan } from '@/api/client'

/** What a plan says of one decoration; of its first where none is named. */
export function decorationOf(plan: Plan | null, id?: string) {
  return plan?.decorations.find(({ decoration }) => decoration === id) ?? plan?.decorations[0] ?? null
}

/** The option that a decoration's steps are for; null on the no-heat way. */
export function currentOption(plan: Plan | null, id?: string): Option | null {
  const decoration = decorationOf(plan, id)
  return decoration?.options.find((option) => option.medium === decoration.medium) ?? null
}

/** Whether there is something to cut or print before the press. */
export function needsCutting(option: Option | null | undefined): boolean {
  const face = option?.recipe.layUp.cutFace
  return face === 'GLUE_UP' || face === 'PRINT_SIDE' || face === 'FACE_UP'
}
