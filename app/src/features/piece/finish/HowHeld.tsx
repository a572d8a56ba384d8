import { holdingNames } from '@thimble/language'
import { finish as t } from '@thimble/language/en/finish'
import type { Piece } from '@thimble/contract'
import { holdingMethods } from '@thimble/core/recipe'
import { triesMade } from '@thimble/plan'
import { Choices } from '@/ui/Choices'
import { LimitedField } from '@/ui/LimitedField'
import { Disclosure } from '@/ui/Disclosure'
import { Text } from '@/ui/Text'
import { turnWords } from '@/words/turnWords'
import type { PieceTools } from '../usePiece'

type Used = Piece['finish']['used']

const tensions: { id: Used['tension']; name: string }[] = [
  { id: 'as-advised', name: t('as-advised') },
  { id: 'eased', name: t('eased-more') },
  { id: 'tightened', name: t('tightened') },
]
const turns = ([0, 90, 180, 270] as const).map((turn) => ({
  id: String(turn),
  name: turn === 0 ? t('upright') : turnWords(turn),
}))

/** How it was really held, hooped and loaded: as it was decided, until one of it is said to have been otherwise. */
export function HowHeld({ tools }: { tools: PieceTools }) {
  const { piece, shelf } = tools
  const held = heldNow(piece)
  const hoopName = shelf.hoops.find(({ id }) => id === held.hoopId)?.name ?? piece.hoop.kept[0]?.hoop?.name
  const says = [
    held.holding && holdingNames[held.holding].toLowerCase(),
    hoopName,
    turnText(held.turn),
    triesText(held.tries),
  ]
  return (
    <>
      <Text>{says.filter(Boolean).join(', ')}</Text>
      <Disclosure title={t('done-differently')}>
        <Otherwise tools={tools} held={held} />
      </Disclosure>
    </>
  )
}

function heldNow(piece: Piece) {
  const { used } = piece.finish
  const [kept] = piece.hoop.kept
  return {
    holding: used.holding ?? kept?.holding ?? piece.hoop.holding,
    hoopId: used.hoopId ?? kept?.hoop?.id ?? null,
    turn: used.turn ?? kept?.turn ?? null,
    tries: triesMade(piece),
  }
}

const turnText = (turn: Used['turn']): string | null =>
  turn === null ? null : turn === 0 ? t('loaded-upright') : t('loaded', { turn: turnWords(turn) })
const triesText = (tries: number | null): string | null =>
  tries === null ? null : t('hooped-once-hooped-times', { tries })

type Props = { tools: PieceTools; held: ReturnType<typeof heldNow> }

function Otherwise({ tools: { piece, shelf, set }, held: { holding, hoopId, turn, tries } }: Props) {
  const { used } = piece.finish
  const put = (change: Partial<Used>): void => set({ finish: { used: change } })
  return (
    <>
      <Choices
        label={t('hooped-floated-or-clamped')}
        choices={holdingMethods.map((id) => ({ id, name: holdingNames[id] }))}
        value={holding}
        onChange={(id) => put({ holding: id })}
      />
      <Choices
        label={t('in-the-hoop')}
        long={shelf.hoops.length > 4}
        choices={shelf.hoops.map(({ id, name }) => ({ id, name }))}
        value={hoopId}
        onChange={(id) => put({ hoopId: id })}
      />
      <Choices
        label={t('loaded-2')}
        choices={turns}
        value={turn === null ? null : String(turn)}
        onChange={(id) => put({ turn: Number(id) as 0 })}
      />
      <Choices
        label={t('top-tension')}
        choices={tensions}
        value={used.tension}
        onChange={(tension) => put({ tension })}
      />
      <LimitedField
        label={t('times-hooped')}
        most={4}
        keyboard="numeric"
        placeholder={tries === null ? undefined : String(tries)}
        value={used.tries}
        onChange={(text) => put({ tries: text })}
      />
    </>
  )
}
