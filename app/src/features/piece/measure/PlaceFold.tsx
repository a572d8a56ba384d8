import { choicesOf } from '@/words/choicesOf'
import { measure as t } from '@thimble/language/en/measure'
import { type PlacementDistance, sideOf, whichTrueTo } from '@thimble/core/placement'
import { carriedHere } from '@thimble/plan'
import { Button } from '@rneui/themed'
import { labelOf, writeName } from '@thimble/language'
import { View } from 'react-native'
import { store } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { LengthField } from '@/ui/LengthField'
import { Disclosure } from '@/ui/Disclosure'
import { Fold } from '@/ui/Fold'
import type { StageProps } from '../StageProps'
import type { PieceTools } from '../usePiece'
import { oddText } from './oddText'

type Props = Pick<StageProps, 'tools' | 'setHighlighted'>

/** Which placement, what it leaves to the worker, and its distances: each from any line, to any edge of the design. */
export function PlaceFold({ tools, setHighlighted }: Props) {
  const { piece, plan, shelf, set } = tools
  const { kind, rule, placement, problems, write } = plan
  const choices = [
    ...(rule.choices ?? []),
    ...(placement?.trueTo ? [whichTrueTo(kind.worn ?? false, placement.trueTo)] : []),
  ]
  const wrong = Object.keys(problems).some((path) => path.startsWith('distances'))
  return (
    <Fold title={t('placement')} answer={placeAnswer(tools)} wrong={wrong}>
      <Choices
        label={t('placement')}
        choices={choicesOf(kind.placements)}
        value={piece.measure.placement}
        onChange={(id) => set({ measure: { placement: id, anchors: { down: null, across: null } } })}
      />
      {choices.map((choice) => (
        <Choices
          key={choice.id}
          label={writeName(choice.name)}
          choices={choicesOf(choice.choices)}
          value={piece.measure.choices[choice.id] ?? choice.usual}
          onChange={(id) => set({ measure: { choices: { [choice.id]: id } } })}
        />
      ))}
      {placement?.distances.map((d) => (
        <View key={d.counted?.axis ?? d.id} style={{ gap: 2 }}>
          <LengthField
            key={d.id}
            label={labelOf(d.name)}
            unit={shelf.shop.unit}
            typed={piece.measure.distances[d.id]}
            placeholder={write(d.mm)}
            problem={problems[`distances.${d.id}`]}
            hint={oddText(placement, d.id, tools.plan.style) ?? hintOf(tools, d)}
            onChange={(typed) => set({ measure: { distances: { [d.id]: typed } } })}
            onFocus={() => setHighlighted(d.id)}
            onBlur={() => setHighlighted(null)}
          />
          {d.counted ? <CountedFrom tools={tools} distance={d} counted={d.counted} /> : null}
        </View>
      ))}
    </Fold>
  )
}

/** Where on the item, and whether by a distance of the worker's own. */
function placeAnswer({ piece, plan: { rule, placement } }: PieceTools): string {
  const own = placement?.distances.some(({ id }) => piece.measure.distances[id]?.text) ?? false
  return own ? t('your-own-distance', { name: writeName(rule.name) }) : writeName(rule.name)
}

/** Where the grey number comes from, or what the usual would be in place of a typed one. */
function hintOf({ piece, plan: { write } }: PieceTools, { id, assumed }: PlacementDistance): string {
  if (piece.measure.distances[id]?.text) return t('usually', { assumed: write(assumed) })
  const carried = carriedHere(piece)
  if (carried?.distances[id]?.text) return t('from-usually', { from: carried.from, assumed: write(assumed) })
  return t('your-own-distance-2')
}

type Counted = NonNullable<PlacementDistance['counted']>

const edgeChoices = {
  level: [
    { id: 'start', name: t('its-top-edge') },
    { id: 'centre', name: t('its-centre') },
    { id: 'end', name: t('its-bottom-edge') },
  ],
  upright: [
    { id: 'start', name: t('its-left-edge') },
    { id: 'centre', name: t('its-centre') },
    { id: 'end', name: t('its-right-edge') },
  ],
} as const
const sidesOf = (axis: 'level' | 'upright', { kind, rule }: PieceTools['plan']) =>
  axis === 'level'
    ? ([
        { id: '1', name: t('below-the-line') },
        { id: '-1', name: t('above-the-line') },
      ] as const)
    : (['1', '-1'] as const).map((id) => ({
        id,
        name: upper(
          t('to', { write: writeName(sideOf(Number(id), { worn: kind.worn ?? false, back: rule.side === 'back' })) }),
        ),
      }))

/** Counting from another line, to another edge of the design, or to the line's other side; the design stays put. */
function CountedFrom({
  tools: { piece, plan, set },
  distance,
  counted,
}: {
  tools: PieceTools
  distance: PlacementDistance
  counted: Counted
}) {
  const key = counted.axis === 'level' ? 'down' : 'across'
  const lines = plan.placement!.item.lines.filter((l) => l.axis === counted.axis)
  const from = lines.find((l) => l.id === counted.line)
  const own = piece.measure.anchors[key]
  const put = (change: Partial<Counted>): void => {
    // The ticket lags behind the hand: what was chosen a moment ago is in the store already.
    const now = store.getState().shelf.docs.pieces[piece.id]?.measure.anchors[key]
    const { line, edge } = { ...counted, ...now, ...change }
    const toward = change.toward ?? (change.line ? null : (now?.toward ?? null))
    set({ measure: { anchors: { [key]: { line, edge, toward } } } })
  }
  return (
    <Disclosure title={t('measured-from-change', { which: from ? writeName(from.name) : labelOf(distance.name) })}>
      <Choices
        label={t('from')}
        choices={lines.map(({ id, name }) => ({ id, name: upper(writeName(name)) }))}
        value={counted.line}
        onChange={(line) => put({ line })}
      />
      <Choices
        label={t('to-the-design')}
        choices={edgeChoices[counted.axis]}
        value={counted.edge}
        onChange={(edge) => put({ edge })}
      />
      <Choices
        label={t('on-which-side')}
        choices={sidesOf(counted.axis, plan)}
        value={counted.toward === 1 ? '1' : '-1'}
        onChange={(way) => put({ toward: way === '1' ? 1 : -1 })}
      />
      {own ? (
        <Button
          type="outline"
          title={t('use-the-usual-line')}
          onPress={() => set({ measure: { anchors: { [key]: null } } })}
        />
      ) : null}
    </Disclosure>
  )
}

const upper = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
