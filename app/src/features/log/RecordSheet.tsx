import { log as t } from '@thimble/language/en/log'
import type { RecordDecision, Piece, Shop } from '@thimble/contract'
import { formatLength, type LengthStyle } from '@thimble/core/lengths'
import { holdingNames, writeMessage } from '@thimble/language'
import { keptPlaced } from '@thimble/plan'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { ItemDrawing } from '@/drawing/ItemDrawing'
import { useDocuments } from '@/state/store'
import { openPiece } from '@/sync/changeFeed'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { BigNumbers, Heading, Text } from '@/ui/Text'
import { clothName } from '@/words/clothWords'
import { AfterWash } from './AfterWash'
import { AtTheMachine } from './AtTheMachine'
import { EarlierRecords } from './EarlierRecords'
import { RecordOut } from './RecordOut'
import { RecordOutcome } from './RecordOutcome'
import { TriesMade } from './TriesMade'
import { bobbinText, layerDetail, layerLabel, needleText } from '@/words/stackWords'
import { tookText } from '@/words/stockWords'
import { dialsText } from '@/words/dialsText'
import { turnWords } from '@/words/turnWords'

/** A record's own matter, from what was kept and nothing else. Fetched when it is not on the device. */
export function RecordSheet({ id }: { id: string }) {
  const piece = useDocuments((s) => s.docs.pieces[id])
  const shop = useDocuments((s) => s.shop)
  const [missing, setMissing] = useState(false)
  useEffect(() => void openPiece(id).then((found) => setMissing(found === 'missing')), [id])
  const record = piece?.finish.kept[0]
  if (!piece || !record)
    return (
      <Section>
        <Text role="status">{!piece && !missing ? t('loading-the-record') : t('record-not-found')}</Text>
      </Section>
    )
  const style: LengthStyle = { unit: shop.unit, fraction: shop.fraction }
  return (
    <>
      <MarkedDrawing piece={piece} shop={shop} style={style} />
      <RecordOutcome record={record} style={style} design={piece.measure.kept[0]?.design ?? null} />
      <AfterWash piece={piece} />
      <Used record={record} style={style} />
      <TriesMade piece={piece} style={style} />
      <AtTheMachine id={id} finished={record.at} />
      <Section title={t('where-it-was-marked')}>
        <BigNumbers>
          {piece.measure.kept[0] ? writeMessage(piece.measure.kept[0].placed, style) : t('not-noted-2')}
        </BigNumbers>
      </Section>
      <RecordOut id={id} />
      <EarlierRecords earlier={piece.finish.earlier} style={style} design={piece.measure.kept[0]?.design ?? null} />
    </>
  )
}

type Part = { record: RecordDecision; style: LengthStyle }

function MarkedDrawing({ piece, shop, style }: { piece: Piece; shop: Shop; style: LengthStyle }) {
  const [marks] = piece.measure.kept
  const [record] = piece.finish.kept
  if (!marks || !record) return null
  return (
    <ItemDrawing
      placed={keptPlaced(marks)}
      style={style}
      colour={record.basis.cloth.colour}
      unit={shop.unit}
      write={(mm) => formatLength(mm, style)}
      height={280}
    />
  )
}

function Used({ record, style }: Part) {
  const p = usePalette()
  const { basis, stack, holding, hoop, machine, turn, dialled, tension, tries } = record
  const write = (mm: number): string => formatLength(mm, style)
  const held = holding ? holdingNames[holding].toLowerCase() : ''
  return (
    <Section title={t('what-was-used')}>
      <Text>{[clothName(basis.cloth.family), held, hoop?.name, machine?.name].filter(Boolean).join(', ')}</Text>
      <Text soft>{[loadedText(turn), tensionText(tension), triesText(tries)].filter(Boolean).join('; ')}</Text>
      {dialled.length > 0 ? <Text>{t('dialled-in-2', { dials: dialsText(dialled) })}</Text> : null}
      <View>
        {stack?.layers.map((layer, i) => (
          <View key={i} style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 8 }}>
            <Text bold>{layerLabel(layer, basis.cloth.family)}</Text>
            <Text soft>{layerDetail(layer, write)}</Text>
          </View>
        ))}
      </View>
      {stack ? (
        <Text>
          {t('needle-bobbin', {
            needle: needleText(stack.needle),
            bobbin: bobbinText(stack.bobbin),
            which: stack.speedSpm ? t('a-minute', { speedSpm: stack.speedSpm }) : '',
          })}
        </Text>
      ) : (
        <Heading level={3}>{t('no-layers-noted')}</Heading>
      )}
      {record.took.length > 0 ? <Text soft>{t('from-the-stash', { took: tookText(record.took) })}</Text> : null}
    </Section>
  )
}

const loadedText = (turn: RecordDecision['turn']): string | null =>
  turn === null ? null : turn === 0 ? t('loaded-upright') : t('loaded-2', { turn: turnWords(turn) })
const tensionText = (tension: RecordDecision['tension']): string | null =>
  tension === null || tension === 'as-advised'
    ? null
    : t('top-tension-2', { which: tension === 'eased' ? t('eased-more') : t('tightened') })
const triesText = (tries: number | null): string | null =>
  tries === null ? null : t('hooped-once-hooped-times', { tries })
