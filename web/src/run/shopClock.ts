/** Clocks that differ by less than this are taken to agree, ms: whole seconds are told with every answer, thousandths with a run. */
const APART = { seconds: 5_000, thousandths: 300 }

/** A device's clock that went on by so much more than its pages did was set, or the device slept, ms. */
const JUMP = 1_000

/**
 * The shop's time, by what the application answers. A device's clock may be wrong, and may be set while a run goes on; time
 * never goes back for that.
 */
export function shopClock() {
  /** How far the application's clock is ahead of this device's, ms. */
  let ahead = 0
  let latest = 0
  let seen = { device: Date.now(), page: performance.now() }

  const now = () => (latest = Math.max(latest, Date.now() + ahead))

  /** Takes the application's time; by how much that moves the clock, ms: 0 where both agree. */
  function set(response: Response, asked: number): number {
    const told = response.headers.get('Shop-Time')
    const round = Math.max(0, Date.now() - asked)
    const theirs = told ? Date.parse(told) + round / 2 : Date.parse(response.headers.get('Date') ?? '')
    const apart = theirs - Date.now() - ahead
    if (!(Math.abs(apart) > (told ? APART.thousandths + round / 2 : APART.seconds))) return 0
    ahead += apart
    latest = 0
    return apart
  }

  /** Whether the device's clock went another way than its pages since this was asked before. */
  function jumped(): boolean {
    const is = { device: Date.now(), page: performance.now() }
    const apart = is.device - seen.device - (is.page - seen.page)
    seen = is
    return Math.abs(apart) > JUMP
  }

  return { now, set, jumped }
}
