import dayjs from 'dayjs'
import relativeTime from 'dayjs/plugin/relativeTime'

dayjs.extend(relativeTime)

/** Weekday and time with how far off it is: "Thu 14:30, in 2 days". */
export function when(instant: string, now: string | Date = new Date()): string {
  const then = dayjs(instant)
  const format = Math.abs(then.diff(now, 'day')) > 6 ? 'ddd D MMM HH:mm' : 'ddd HH:mm'
  return `${then.format(format)}, ${then.from(now)}`
}

export function late(instant: string, now: string | Date = new Date()): boolean {
  return dayjs(instant).isBefore(now)
}
