import { Hoop } from '@thimble/contract'
import { View } from 'react-native'
import { HoopDrawing } from '@/drawing/HoopDrawing'
import { readTyped } from '@/plan/readTyped'
import { useShelf } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { Words } from '@/ui/Words'
import { formatLength } from '@thimble/core/lengths/formatLength'
import { DraftLength } from './DraftLength'
import { FormPage } from './FormPage'
import { useDraft } from './useDraft'
import { useKeptForm } from './useKeptForm'

const sizes = [
  { id: 'fieldW', name: 'Field width', path: 'field.width' },
  { id: 'fieldH', name: 'Field height', path: 'field.height' },
  { id: 'outW', name: 'Ring width outside', path: 'outside.width' },
  { id: 'outH', name: 'Ring height outside', path: 'outside.height' },
] as const

/** A hoop as measured: its field, its ring, and what it closes over. */
export function HoopForm({ id }: { id: string }) {
  const p = usePalette()
  const style = useShelf((s) => s.shop)
  const { kept, base, keep: keepIt, removeIt } = useKeptForm('hoops', id, '/stash')
  const own = kept && kept.field.shape !== 'polygon' ? kept.field : null
  const write = (mm?: number | null): string => (mm ? formatLength(mm, style) : '')
  const draft = useDraft(`hoop.${id}`, {
    name: kept?.name ?? '',
    shape: own?.shape ?? 'rect',
    clamp: kept?.clamp ? 'yes' : 'no',
    fieldW: write(own?.width),
    fieldH: write(own?.height),
    corner: write(own?.shape === 'rect' ? own.cornerRadius : 0),
    outW: write(kept?.outside.width),
    outH: write(kept?.outside.height),
    thick: kept?.maxThicknessMm ? `${kept.maxThicknessMm} mm` : '',
  })
  const { texts, problems, type } = draft
  const read = (text: string) => readTyped({ text, unit: style.unit })

  const doc = () => {
    const [width, height, outW, outH] = sizes.map((s) => read(texts[s.id]).mm ?? Number.NaN)
    const field =
      texts.shape === 'oval'
        ? { shape: 'oval', width, height }
        : { shape: 'rect', width, height, cornerRadius: read(texts.corner).mm ?? 0 }
    return {
      ...base(),
      name: texts.name,
      field,
      outside: { width: outW, height: outH },
      clamp: texts.clamp === 'yes',
      maxThicknessMm: read(texts.thick).mm,
      notchOffset: kept?.notchOffset ?? null,
      note: kept?.note ?? '',
    }
  }
  const keep = (): void => {
    const unread: Record<string, string> = {}
    for (const field of [...sizes.map((s) => s.id), 'corner', 'thick'] as const) {
      const { mm, problem } = read(texts[field])
      if (problem) unread[field] = problem
      else if (mm === null && field !== 'corner' && field !== 'thick') unread[field] = 'Measure it and type it here.'
    }
    const found = draft.check<Hoop>(
      Hoop as never,
      doc(),
      unread,
      (path) =>
        sizes.find((s) => s.path === path)?.id ??
        (path === 'maxThicknessMm' ? 'thick' : path.startsWith('field') ? 'corner' : path),
    )
    if (!found) return
    draft.forget()
    keepIt(found)
  }
  const shown = Hoop.safeParse({ ...doc(), name: texts.name || 'Hoop' })
  return (
    <FormPage
      title={kept ? kept.name : 'A new hoop'}
      onKeep={keep}
      removal={kept ? 'Remove this hoop' : null}
      onRemove={removeIt}
      picture={
        shown.success ? (
          <View style={{ alignItems: 'center', backgroundColor: p.table, paddingVertical: 8 }}>
            <HoopDrawing
              hoop={shown.data}
              cloth={p.paper}
              size={220}
              largest={Math.max(shown.data.outside.width, shown.data.outside.height)}
            />
          </View>
        ) : null
      }
    >
      <Field
        label="Name"
        value={texts.name}
        problem={problems.name}
        placeholder="Square 100"
        onChange={(t) => type('name', t)}
      />
      <Choices
        label="Shape of the field"
        choices={[
          { id: 'rect', name: 'Straight sides' },
          { id: 'oval', name: 'Oval' },
        ]}
        value={texts.shape as 'rect' | 'oval'}
        onChange={(t) => type('shape', t)}
      />
      {[sizes.slice(0, 2), sizes.slice(2)].map((pair) => (
        <View key={pair[0]!.id} style={{ flexDirection: 'row', gap: 12 }}>
          {pair.map((s) => (
            <DraftLength key={s.id} half draft={draft} field={s.id} label={s.name} unit={style.unit} />
          ))}
        </View>
      ))}
      <Words soft>
        The field is what the machine can really sew, a few millimetres smaller than the ring’s inside.
      </Words>
      {texts.shape === 'rect' ? (
        <Field
          label="Corner radius of the field"
          value={texts.corner}
          problem={problems.corner}
          placeholder="0"
          onChange={(t) => type('corner', t)}
        />
      ) : null}
      <Choices
        label="Does it clamp with magnets"
        choices={[
          { id: 'no', name: 'No' },
          { id: 'yes', name: 'Yes' },
        ]}
        value={texts.clamp as 'yes' | 'no'}
        onChange={(t) => type('clamp', t)}
      />
      {texts.clamp === 'yes' ? <Words soft>Magnets pinch fingers; keep them from pacemakers and cards.</Words> : null}
      <Field
        label="Closes over cloth up to"
        value={texts.thick}
        problem={problems.thick}
        placeholder="not known"
        onChange={(t) => type('thick', t)}
      />
    </FormPage>
  )
}
