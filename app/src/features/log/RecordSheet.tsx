import { holdingNames } from '@thimble/core/recipe/names'
import { useEffect } from 'react'
import { View } from 'react-native'
import { ItemDrawing } from '@/drawing/ItemDrawing'
import { planMeasure } from '@/plan/planPiece'
import { openPiece, useShelf } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Section } from '@/ui/Section'
import { BigNumbers, Heading, Words } from '@/ui/Words'
import { clothName } from '../piece/clothWords'
import { faultNames, howBadNames, verdictNames } from '../piece/faultWords'
import { layerDetail, layerName } from '../piece/recipeWords'
import { landingText } from './landingText'
import { useLog } from './useLog'

/** A record's own matter: what was used, where it landed, how it came out. Fetched when it is not on the device. */
export function RecordSheet({ id }: { id: string }) {
  const p = usePalette()
  const piece = useShelf((s) => s.docs.pieces[id])
  const shop = useShelf((s) => s.shop)
  const designs = useShelf((s) => s.docs.designs)
  const row = useLog().find((r) => r.pieceId === id)
  useEffect(() => void openPiece(id), [id])
  if (!piece || !row)
    return (
      <Section>
        <Words role="status">{row ? 'Fetching the record …' : 'There is no such record.'}</Words>
      </Section>
    )

  const plan = planMeasure(piece, { shop, designs })
  const used = piece.record.stack ?? piece.stack
  const { record } = piece
  return (
    <>
      {plan.placement ? (
        <ItemDrawing
          placement={plan.placement}
          colour={piece.cloth.colour}
          unit={shop.unit}
          write={plan.write}
          height={280}
        />
      ) : null}
      <Section title={record.verdict ? verdictNames[record.verdict] : 'No verdict'}>
        <BigNumbers>{landingText(row.dx, row.dy, plan.style) || 'The landing was not measured.'}</BigNumbers>
        {record.faults.map((f) => (
          <Words key={f.id} tone="madder">{`${faultNames[f.id]}, ${howBadNames[f.howBad]}`}</Words>
        ))}
        {record.faults.length === 0 ? <Words>No faults noted.</Words> : null}
        {record.minutes ? <Words>{`${record.minutes} minutes.`}</Words> : null}
        {record.note ? <Words>{record.note}</Words> : null}
        {record.nextTime ? <Words bold>{`Next time: ${record.nextTime}`}</Words> : null}
      </Section>
      <Section title="What was used">
        <Words>
          {[clothName(piece.cloth.family), row.holding ? holdingNames[row.holding].toLowerCase() : '', record.hoopName]
            .filter(Boolean)
            .join(', ')}
        </Words>
        <View>
          {used?.layers.map((l, i) => (
            <View key={i} style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 8 }}>
              <Words bold>{l.role === 'cloth' ? clothName(piece.cloth.family) : layerName(l.kind)}</Words>
              <Words soft>{layerDetail(l, plan.write)}</Words>
            </View>
          ))}
        </View>
        {used ? (
          <Words>{`Needle ${used.needle}; bobbin ${used.bobbin}; ${used.speedSpm} a minute.`}</Words>
        ) : (
          <Heading level={3}>No stack noted</Heading>
        )}
      </Section>
      <Section title="Where it was marked">
        <BigNumbers>{plan.placement?.summary ?? 'Not known'}</BigNumbers>
      </Section>
    </>
  )
}
