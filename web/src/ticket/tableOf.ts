import type { Plan } from '@/api/client'

/** What is done to one thing at the table before the first piece is pressed, line by line. */
export function tableOf(plan: Plan, decoration: string): string[] {
  return plan.table.filter((step) => step.decoration === decoration).map(({ instruction }) => instruction)
}

/** The same for several things: those that are made alike stand together. */
export function madeAlike(plan: Plan, things: { id: string; description: string }[]) {
  const all: { names: string[]; lines: string[] }[] = []
  for (const { id, description } of things) {
    const lines = tableOf(plan, id)
    const alike = all.find((other) => other.lines.join('\n') === lines.join('\n'))
    if (alike) alike.names.push(description)
    else all.push({ names: [description], lines })
  }
  return all
}
