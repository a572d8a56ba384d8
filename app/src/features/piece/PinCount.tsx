import { Button } from '@rneui/themed'
import { View } from 'react-native'
import { store, useShelf } from '@/state/store'
import type { ShelfState } from '@/state/shelf'
import { Words } from '@/ui/Words'

const countOf = ({ docs }: ShelfState, id: string): number => Number(docs.pieces[id]?.stitch.pins) || 0

/** Pins counted into a piece, so that as many are counted out. */
export function PinCount({ id, onChange }: { id: string; onChange: (pins: string) => void }) {
  const count = useShelf((shelf) => countOf(shelf, id))
  // What is drawn may lag behind a quick hand, and each tap counts.
  const step = (by: number): void => onChange(String(Math.max(0, countOf(store.getState().shelf, id) + by)))
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <Words style={{ flex: 1 }}>Pins in the piece</Words>
      <Button
        type="outline"
        title="−"
        accessibilityLabel="One pin less"
        disabled={count === 0}
        onPress={() => step(-1)}
      />
      <Words
        bold
        role="status"
        aria-label={`Pins in: ${count}`}
        style={{ fontSize: 28, lineHeight: 34, minWidth: 40, textAlign: 'center' }}
      >
        {String(count)}
      </Words>
      <Button type="outline" title="+" accessibilityLabel="One pin more" onPress={() => step(1)} />
    </View>
  )
}
