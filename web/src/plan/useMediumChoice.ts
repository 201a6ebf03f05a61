import type { Ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { Problem, type DecorationForm, type Plan, type TicketForm } from '@/api/client'
import type { OwnSetting } from '@/presswindow/useTrial'
import { degrees } from '@/quantity/format'
import { useUnits } from '@/quantity/units'
import { currentOption, decorationOf, needsCutting } from '@/ticket/currentOption'
import { useMakePlan } from '@/ticket/useTicket'
import { useMessage } from '@/shell/useMessage'

interface Taking {
  ticketId: Ref<string | undefined>
  form: Ref<TicketForm | null>
  /** What the planner says to the ticket as it is typed. */
  plan: Ref<Plan | null>
  keep: () => Promise<boolean>
  /** A thing of the ticket is still without a medium. */
  onOpen: (thing: DecorationForm) => void
  /** A plan is made; whether something of it is cut or printed first. */
  onPlanned: (cutting: boolean) => void
}

/** Takes media and settings for the things of a ticket, keeps them with it, and has the plan made. */
export function useMediumChoice({ ticketId, form, plan, keep, onOpen, onPlanned }: Taking) {
  const { t } = useI18n()
  const message = useMessage()
  const { temperature } = useUnits()
  const makePlan = useMakePlan()
  const thingOf = (id: string) => form.value?.decorations.find((one) => one.id === id)

  /** Takes a medium; the plan is made once every thing has one. */
  async function take(medium: string, id: string, own?: OwnSetting | null) {
    const thing = thingOf(id)
    if (!form.value || !ticketId.value || !thing) return
    // What the maker settles is another setting on purpose.
    const seen = own ? null : plan.value
    const before = { medium: thing.medium, own: thing.own }
    Object.assign(thing, { medium, own: own === undefined ? thing.own : own })
    if (!(await keep())) {
      Object.assign(thing, before)
      return
    }
    const open = form.value.decorations.find((one) => one.medium === null)
    if (open) {
      message.info(t('together.next', { what: thing.description }))
      onOpen(open)
      return
    }
    await planAnew(ticketId.value, form.value, seen)
  }

  /** Says where the setting is another than the one that was looked at when the medium was taken. */
  function tellOther(before: Plan | null, made: Plan) {
    for (const { decoration } of made.decorations) {
      const now = currentOption(made, decoration)
      const seen = before?.decorations
        .find((one) => one.decoration === decoration)
        ?.options.find(({ medium }) => medium === now?.medium)
      if (!now || !seen) continue
      const [was, is] = [seen.recipe.setting, now.recipe.setting]
      if (was.dial.value !== is.dial.value || was.time.value !== is.time.value)
        message.info(t('method.other', { was: settingOf(was), is: settingOf(is) }), 8)
    }
  }
  const settingOf = ({ dial, time }: { dial: { value: number }; time: { value: number } }) =>
    `${degrees(dial.value, temperature.value)} ${temperature.value}, ${Math.round(time.value)} s`

  async function planAnew(ticketId: string, kept: TicketForm, seen: Plan | null) {
    try {
      const made = await makePlan.mutateAsync({ ticketId, planId: crypto.randomUUID() })
      tellOther(seen, made.plan)
      onPlanned(
        kept.decorations.some(({ id, medium }) =>
          needsCutting(decorationOf(plan.value, id)?.options.find((option) => option.medium === medium)),
        ),
      )
    } catch (e) {
      message.error(e instanceof Problem ? e.message : String(e))
    }
  }

  /** Settles one thing, or leaves it to sheet, trade and heat, and plans anew. */
  async function settle(id: string, own: OwnSetting | null) {
    const medium = thingOf(id)?.medium
    if (medium) await take(medium, id, own)
  }

  /** What the art at Cut says of a thing is kept in the ticket, and that it is done is said. */
  async function flow(id: string, by: Partial<DecorationForm>, done = t('cut.flowed')) {
    const thing = thingOf(id)
    if (!thing) return
    Object.assign(thing, by)
    if (await keep()) message.info(done)
  }

  return { take, settle, flow, planning: makePlan.isPending }
}
