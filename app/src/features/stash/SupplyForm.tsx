import { stash as t } from '@thimble/language/en/stash'
import type { Supply } from '@thimble/contract'
import { formatLength, type LengthStyle, type LengthUnit } from '@thimble/core/lengths'
import { supplyKinds } from '@thimble/core/recipe'
import { readNumber } from '@thimble/plan'
import { useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormChoices, FormField, FormLength } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { useDocuments } from '@/state/store'
import { readMoney, typedMoney } from '@/words/moneyWords'
import { layerName } from '@/words/stackWords'
import { CostField } from './CostField'
import { readLong } from './onRoll'
import { StockSection } from './StockSection'

const colours = [
  { id: '#ffffff', name: t('white'), swatch: '#ffffff' },
  { id: '#d9c9a3', name: t('beige'), swatch: '#d9c9a3' },
  { id: '#22262b', name: t('black'), swatch: '#22262b' },
  { id: '#d5e6f2', name: t('clear'), swatch: '#d5e6f2' },
]
const kinds = supplyKinds.map((id) => ({ id, name: layerName(id) }))
const forms = [
  { id: 'roll', name: t('a-roll') },
  { id: 'sheets', name: t('sheets-2') },
]

type Texts = Record<'name' | 'kind' | 'colour' | 'form' | 'widthMm' | 'sheetMm' | 'leftMm' | 'lowMm' | 'cost', string>
type Sheet = { mm: number; problem: string | null } | null

/** How much there is, in metres of a roll or in sheets. */
function readMuch(text: string, sheet: Sheet): { mm: number | null; problem: string | null } {
  if (!sheet) return readLong(text, 'm')
  if (text.trim() === '') return { mm: null, problem: t('count-and-type-it') }
  const { value, problem } = readNumber(text, 100_000)
  return { mm: value === null ? null : value * sheet.mm, problem }
}

/** What is typed as a document; `there`: how much is left is typed too, as it is new. */
function readSupply(texts: Texts, { unit, currency }: LengthStyle & { currency: string }, there: boolean) {
  const unread: Partial<Record<keyof Texts, string>> = {}
  const noted = (field: keyof Texts, { mm, problem }: { mm: number | null; problem: string | null }): number | null => {
    if (problem) unread[field] = problem
    return mm
  }
  const width = noted('widthMm', readLong(texts.widthMm, unit as LengthUnit))
  const sheetMm = texts.form === 'sheets' ? noted('sheetMm', readLong(texts.sheetMm, unit)) : null
  const sheet = texts.form === 'sheets' ? { mm: sheetMm ?? 1, problem: null } : null
  const cost = readMoney(texts.cost, currency)
  if (cost.problem) unread.cost = cost.problem
  const doc = {
    ...{ name: texts.name, kind: texts.kind, colour: texts.colour, widthMm: width, sheetMm, cost: cost.minor },
    lowMm: texts.lowMm.trim() === '' ? 0 : noted('lowMm', readMuch(texts.lowMm, sheet)),
    ...(there ? { leftMm: noted('leftMm', readMuch(texts.leftMm, sheet)) } : {}),
  }
  return { doc, unread }
}

function writeSupply(style: LengthStyle & { currency: string }, supply?: Supply): Texts {
  const sheet = supply?.sheetMm ?? null
  const much = (mm: number): string => (sheet === null ? `${mm / 1000} m` : String(mm / sheet))
  return {
    ...{ name: supply?.name ?? '', kind: supply?.kind ?? supplyKinds[0], colour: supply?.colour ?? '#ffffff' },
    form: sheet === null ? 'roll' : 'sheets',
    widthMm: supply ? formatLength(supply.widthMm, style) : '',
    sheetMm: sheet === null ? '' : formatLength(sheet, style),
    leftMm: '',
    lowMm: supply?.lowMm ? much(supply.lowMm) : '',
    cost: typedMoney(supply?.cost, style.currency),
  }
}

/** A backing or topping: its kind, its width, and how much of it is left. */
export function SupplyForm({ id }: { id: string }) {
  const style = useDocuments((s) => s.shop)
  const isNew = useDocuments((s) => !(id in s.docs.supplies))
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'supplies', id, back: '/stash' },
    write: (supply?: Supply): Texts => writeSupply(style, supply),
    read: (texts) => readSupply(texts, style, isNew),
  })
  const { control } = form
  const inSheets = useWatch({ control, name: 'form' }) === 'sheets'
  const much = inSheets ? t('in-sheets') : 'm'
  return (
    <FormPage
      title={kept ? kept.name : t('a-new-backing-or-topping')}
      onKeep={keep}
      removal={kept ? t('remove-it') : null}
      onRemove={removeIt}
      picture={kept ? <StockSection of="supplies.leftMm" thing={kept} left={kept.leftMm} /> : null}
    >
      <FormField control={control} name="name" label={t('name')} placeholder={t('mesh-white')} />
      <FormChoices control={control} name="kind" label={t('kind')} long choices={kinds} />
      <FormChoices control={control} name="colour" label={t('colour')} choices={colours} />
      <FormChoices control={control} name="form" label={t('comes-as')} choices={forms} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <FormLength
          half
          control={control}
          name="widthMm"
          label={inSheets ? t('sheet-width') : t('width-of-the-roll')}
          unit={style.unit}
        />
        {inSheets ? (
          <FormLength half control={control} name="sheetMm" label={t('sheet-length')} unit={style.unit} />
        ) : null}
      </View>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {kept ? null : (
          <FormLength
            half
            control={control}
            name="leftMm"
            label={inSheets ? t('how-many') : t('length-left')}
            unit={much}
          />
        )}
        <FormLength half control={control} name="lowMm" label={t('warn-below')} unit={much} placeholder="0" />
      </View>
      <CostField control={control} name="cost" label={inSheets ? t('cost-of-a-sheet') : t('cost-of-a-metre')} />
    </FormPage>
  )
}
