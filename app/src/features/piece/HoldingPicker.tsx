import { holdingNames } from '@thimble/language'
import { piece as t } from '@thimble/language/en/piece'
import { type HoldingMethod } from '@thimble/core/recipe'
import { heldIn, hoopToHold, moveToHoop } from '@thimble/plan'
import { useMemo } from 'react'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { useSay } from '@/ui/useSay'
import { Text } from '@/ui/Text'
import { AsLastTime } from './AsLastTime'
import { type PieceTools, useBuilt, useHoopPlan } from './usePiece'

const ASKED = ['hooped', 'floated', 'clamped', 'backing-under'] as const

/** `short`: why it is so, and not another way, is said elsewhere. */
type Props = { tools: PieceTools; short?: boolean }

/** Hooped, floated or clamped: one choice, the same at Layers and at Hoop. Why it is so, and why another is not, stands below. */
export function HoldingPicker({ tools, short = false }: Props) {
  const { advice, method } = useHoopPlan(tools)
  const say = useSay()
  const pick = usePickHolding(tools)
  const by = new Map(advice.choices.map((choice) => [choice.method, choice]))
  const possible = ASKED.filter((one) => one === method || pick.hoopFor(one) !== undefined)
  const against = by.get(method)?.against
  const why = method === advice.method ? advice.because[0] : by.get(method)?.because[0]
  return (
    <>
      <Choices
        label={t('how-the-cloth-is-held')}
        quiet={short}
        choices={possible.map((id) => ({
          id,
          name: id === advice.advised ? t('advised', { holdingNames: holdingNames[id] }) : holdingNames[id],
        }))}
        value={method}
        onChange={pick.take}
      />
      <AsLastTime tools={tools} what="holding" />
      {!against && !short && why ? <Text soft>{say(why.said)}</Text> : null}
      {method === 'floated' ? <HoopedElsewhere tools={tools} /> : null}
      {(short ? [] : ASKED)
        .filter((one) => !possible.includes(one) && by.get(one)?.because[0])
        .map((one) => (
          <Text soft key={one}>
            {t('not', { holdingNames: holdingNames[one].toLowerCase(), said: say(by.get(one)!.because[0]!.said) })}
          </Text>
        ))}
    </>
  )
}

/** What is likely to go wrong where it is held as it is, and how to lessen it. */
export function HoldingAgainst({ tools }: { tools: PieceTools }) {
  const { advice, method } = useHoopPlan(tools)
  const against = advice.choices.find((choice) => choice.method === method)?.against
  return against ? <AdviceBar advice={{ code: against.rule, said: against.said, severity: 'caution' }} /> : null
}

/** Where no hoop can hold the cloth itself here: how far off one could. */
function HoopedElsewhere({ tools }: { tools: PieceTools }) {
  const { marked, plan } = tools
  const { shop, hoops, machines } = tools.shelf
  const { ranked, machine } = useHoopPlan(tools)
  const move = useMemo(
    () => moveToHoop({ marked, hoops, machines, shop }, { ranked, machine }),
    [marked, hoops, machines, shop, ranked, machine],
  )
  if (!move) return null
  const far = t(move.down > 0 ? 'far-lower' : 'far-higher', { far: plan.write(Math.abs(move.down)) })
  const beyond = move.beyond === null ? '' : t('with-of-cloth-beyond-it', { write: plan.write(move.beyond) })
  return <Text>{t('placed-you-could-hoop-it', { far, name: move.name, beyond })}</Text>
}

/**
 * `hoopFor`: the hoop that a way of holding needs in place of the one at hand; null: that one will do; undefined: there is
 * none that can hold it so here.
 */
function usePickHolding(tools: PieceTools) {
  const { piece, marked, shelf, set } = tools
  const plan = useHoopPlan(tools)
  const { stack } = useBuilt(tools)
  const others = useMemo(() => {
    const { shop, hoops, machines, corrections } = shelf
    const ask = { piece, marked, stack, shop, hoops, machines, corrections }
    const here = (method: HoldingMethod): boolean =>
      method === plan.method ||
      (heldIn(plan.hoop, method) === method &&
        plan.advice.choices.some((choice) => choice.method === method && choice.allowed))
    const found = ASKED.filter((method) => hoops.length > 0 && !here(method) && method !== 'floated')
    return new Map(found.map((method) => [method, hoopToHold(method, ask) ?? undefined]))
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what was noted of a piece afterwards changes nothing of it
  }, [piece.item, piece.measure, piece.build, plan, marked, stack, shelf])
  const hoopFor = (method: HoldingMethod): string | null | undefined =>
    others.has(method as (typeof ASKED)[number]) ? others.get(method as (typeof ASKED)[number]) : null
  const take = (holding: HoldingMethod): void => {
    const hoopId = piece.hoop.hoopId === null ? null : hoopFor(holding)
    const again = piece.hoop.kept.length > 0 ? { reopened: true } : {}
    set({ hoop: { holding, ...(hoopId ? { hoopId } : {}), ...again } })
  }
  return { hoopFor, take }
}
