import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import { Button } from '@rneui/themed'
import type { Supply } from '@thimble/contract'
import { type KindCut, type Offcut, offcutsOf, type PieceWork, sharesOfCuts } from '@thimble/plan/schedule'
import { nanoid } from 'nanoid'
import { useMemo, useState } from 'react'
import { create, patchUndoably } from '@/sync/changes'
import { store } from '@/state/store'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { Text } from '@/ui/Text'
import { layerName } from '@/words/stackWords'

const sizeOf = ({ widthMm, heightMm }: Offcut): string => `${widthMm} × ${heightMm}`
const keyOf = (cut: Offcut): string => `${cut.from} ${sizeOf(cut)}`

/** Once a run is cut: what went off the rolls is written down, a share a piece, and offcuts go back to the stash. */
export function CutDone({ cuts, works }: { cuts: readonly KindCut[]; works: readonly PieceWork[] }) {
  const offcuts = useMemo(() => offcutsOf(cuts), [cuts])
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set())
  const kept = offcuts.filter((cut) => !left.has(keyOf(cut)))
  const done = (): void => {
    const shares = sharesOfCuts(works, cuts)
    const at = new Date().toISOString()
    const sheets = kept.map((offcut) => asSupply(offcut, at))
    for (const sheet of sheets) create('supplies', sheet)
    patchUndoably(
      works.map(({ id }) => id),
      (id) => ({ build: { cut: [{ at, took: shares.get(id) ?? [] }] } }),
      t('deducted-from-the-rolls'),
      sheets.map(({ id }) => ({ kind: 'delete', resource: 'supplies', id })),
    )
  }
  const keep = (cut: Offcut, is: boolean): void => {
    const next = new Set(left)
    if (is) next.delete(keyOf(cut))
    else next.add(keyOf(cut))
    setLeft(next)
  }
  return (
    <>
      {offcuts.length > 0 ? <Text bold>{t('offcuts-to-keep')}</Text> : null}
      {offcuts.map((cut) => (
        <CheckboxRow
          key={keyOf(cut)}
          title={t('mm', {
            layer: layerName(cut.kind),
            which: cut.count > 1 ? t('of-3', { count: cut.count }) : '',
            sizeOf: sizeOf(cut),
          })}
          done={!left.has(keyOf(cut))}
          onChange={(is) => keep(cut, is)}
        />
      ))}
      <Button
        type="outline"
        title={kept.length > 0 ? t('cut-to-the-stash', { many: many(kept.length, 'offcut') }) : t('cut')}
        onPress={done}
      />
      <Text soft>{t('deducted-from-the-rolls-now')}</Text>
    </>
  )
}

/** An offcut as a sheet of the stash; the run it fell off has paid for it. */
function asSupply({ kind, from, name, widthMm, heightMm, count }: Offcut, at: string): Supply {
  const whole = store.getState().shelf.docs.supplies[from]
  return {
    ...{ id: nanoid(), createdAt: at, updatedAt: at, revision: 0, note: '', lowMm: 0, cost: 0 },
    name: name.startsWith(OFFCUT) ? name : `${OFFCUT}${name}`.slice(0, 120),
    ...{ kind, colour: whole?.colour ?? '#ffffff', widthMm, sheetMm: heightMm, leftMm: heightMm * count },
  }
}

const OFFCUT = 'Offcut: '
