import { measure as t } from '@thimble/language/en/measure'
import { Button } from '@rneui/themed'
import type { Patch, PieceZone } from '@thimble/contract'
import { writeName } from '@thimble/language'
import { inOrder } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { LimitedField } from '@/ui/LimitedField'
import { FieldProblem } from '@/ui/FieldProblem'
import { LengthField } from '@/ui/LengthField'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'
import { sideChoices } from './sideChoices'
import { nanoid } from 'nanoid'

const kinds = [
  { id: 'pocket', name: t('pocket') },
  { id: 'zip', name: t('zip') },
  { id: 'seam', name: t('seam') },
  { id: 'buttons', name: t('buttons') },
  { id: 'print', name: t('print') },
  { id: 'stripe', name: t('stripe') },
] as const

/** What is in the way on this very piece, or there to line up with: its place and size, kept clear of from then on. */
export function ZonesFold({ tools }: { tools: PieceTools }) {
  const { piece, plan, shelf, set } = tools
  const zones = inOrder(piece.measure.zones)
  const nothing = { text: '', unit: shelf.shop.unit }
  const add = (kind: PieceZone['kind']): void => {
    const line = plan.placement?.item.lines.find((l) => l.axis === 'level')?.id ?? ''
    const name = kinds.find((k) => k.id === kind)!.name
    const count = zones.filter(([, z]) => z.kind === kind).length
    const order = Math.max(-1, ...zones.map(([, z]) => z.order)) + 1
    const zone: PieceZone = {
      order,
      kind,
      name: count > 0 ? `${name} ${count + 1}` : name,
      line,
      down: nothing,
      height: nothing,
      side: 'centre',
      off: nothing,
      width: nothing,
    }
    set({ measure: { zones: { [`zone-${nanoid().slice(0, 8)}`]: zone } } })
  }
  return (
    <Fold
      title={t('pockets-zips-seams')}
      answer={zones.length === 0 ? t('none-marked') : zones.map(([, { name }]) => name).join(', ')}
      wrong={Object.keys(plan.problems).some((path) => path.startsWith('zones'))}
    >
      {zones.map(([id, zone]) => (
        <ZoneCard key={id} id={id} zone={zone} tools={tools} />
      ))}
      <Choices label={t('add-a')} choices={kinds} value={null} onChange={add} />
    </Fold>
  )
}

type CardProps = { id: string; zone: PieceZone; tools: PieceTools }

function ZoneCard({ id: zoneId, zone, tools: { plan, shelf, set } }: CardProps) {
  const p = usePalette()
  const path = `zones.${zoneId}`
  const { problems } = plan
  const put = (change: Patch<PieceZone>): void => set({ measure: { zones: { [zoneId]: change } } })
  const lines = plan.placement?.item.lines.filter((l) => l.axis === 'level' && !l.id.startsWith('own.')) ?? []
  const length = (id: 'down' | 'height' | 'off' | 'width', label: string, hint?: string) => (
    <LengthField
      half
      label={label}
      unit={shelf.shop.unit}
      typed={zone[id]}
      hint={hint}
      problem={problems[`${path}.${id}`]}
      onChange={(typed) => put({ [id]: typed })}
    />
  )
  const at = lines.find((l) => l.id === zone.line)
  const from = at && writeName(at.name)
  return (
    <View style={{ gap: 10, borderLeftWidth: 4, borderLeftColor: p.seam, paddingLeft: 12 }}>
      <ZoneName
        id={zoneId}
        name={zone.name}
        onName={(name) => put({ name })}
        onTakeOff={() => set({ measure: { zones: { [zoneId]: null } } }, t('removed', { name: zone.name || t('it') }))}
      />
      {lines.length > 1 ? (
        <Choices
          label={t('measured-from')}
          long
          choices={lines.map(({ id, name }) => ({ id, name: upper(writeName(name)) }))}
          value={zone.line}
          onChange={(line) => put({ line })}
        />
      ) : null}
      {zone.kind === 'stripe' ? (
        length('down', t('stripe-from', { from: from ?? t('the-line') }))
      ) : (
        <>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            {length('down', t('starts-below'), from && t('from-2', { from }))}
            {length('height', t('height'), t('empty-to-the-edge'))}
          </View>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            {length('width', t('width'), t('empty-right-across'))}
            {zone.side === 'centre' ? <View style={{ flex: 1 }} /> : length('off', t('its-middle-from-the-centre'), '')}
          </View>
          <Choices
            {...{ label: t('it-lies'), value: zone.side }}
            choices={sideChoices(plan)}
            onChange={(side) => put({ side })}
          />
        </>
      )}
      {problems[path] ? <FieldProblem id={path}>{problems[path]}</FieldProblem> : null}
      {zone.kind === 'stripe' ? <Text soft>{t('to-measure-the-design-from')}</Text> : null}
    </View>
  )
}

type NameProps = { id: string; name: string; onName: (name: string) => void; onTakeOff: () => void }

const ZoneName = ({ id, name, onName, onTakeOff }: NameProps) => (
  <View style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-end' }}>
    <LimitedField half label={t('what-it-is')} slot={id} most={60} value={name} onChange={onName} />
    <Button type="outline" title={t('remove')} onPress={onTakeOff} />
  </View>
)

const upper = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
