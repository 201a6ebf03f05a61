/** The run in hand for a ticket is remembered on this machine, so that a reload at the press goes on where it was. */
const key = (ticketId: string) => `kettle.run.${ticketId}`

export function openRun(ticketId: string): string | null {
  return localStorage.getItem(key(ticketId))
}

export function hasOpenRun(ticketId: string): boolean {
  return openRun(ticketId) !== null
}

export function rememberRun(ticketId: string, runId: string) {
  localStorage.setItem(key(ticketId), runId)
}

export function forgetRun(ticketId: string) {
  localStorage.removeItem(key(ticketId))
}
