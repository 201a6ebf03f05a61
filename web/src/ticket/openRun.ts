import { answer, api } from '@/api/client'

/** The run in hand for a ticket is remembered on this machine too, for when the application does not answer. */
const key = (ticketId: string) => `kettle.run.${ticketId}`

/** Which run a ticket goes on with, by the plan that it has now; null where none is open. */
export async function openRun(ticketId: string, planId: string): Promise<string | null> {
  const remembered = remembers(ticketId, planId)
  try {
    const params = { path: { ticketId }, query: { size: 100 } }
    const { items } = await answer(api.GET('/api/tickets/{ticketId}/runs', { params }))
    const open = items.filter((run) => run.planId === planId && !run.logged)
    // One that was begun here without the application is not known there yet.
    const known = items.some(({ id }) => id === remembered)
    if (remembered && (!known || open.some(({ id }) => id === remembered))) return remembered
    return open[0]?.id ?? null
  } catch {
    return remembered
  }
}

function remembers(ticketId: string, planId: string): string | null {
  const [run, by] = (localStorage.getItem(key(ticketId)) ?? '').split(' ')
  return run && by === planId ? run : null
}

export function rememberRun(ticketId: string, runId: string, planId: string) {
  localStorage.setItem(key(ticketId), `${runId} ${planId}`)
}

export function forgetRun(ticketId: string) {
  localStorage.removeItem(key(ticketId))
}
