import { piece as t } from '@thimble/language/en/piece'
import { Button } from '@rneui/themed'
import { View } from 'react-native'
import { store, useDocuments } from '@/state/store'
import type { DocumentsState } from '@/state/documents'
import { Text } from '@/ui/Text'

const countOf = ({ docs }: DocumentsState, id: string): number => Number(docs.pieces[id]?.stitch.pins) || 0

/** Pins counted into a piece, so that as many are counted out. */
export function PinCount({ id, onChange }: { id: string; onChange: (pins: string) => void }) {
  const count = useDocuments((shelf) => countOf(shelf, id))
  // What is drawn may lag behind a quick hand, and each tap counts.
  const step = (by: number): void => onChange(String(Math.max(0, countOf(store.getState().shelf, id) + by)))
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <Text style={{ flex: 1 }}>{t('pins-in')}</Text>
      <Button
        type="outline"
        title="−"
        accessibilityLabel={t('one-pin-less')}
        disabled={count === 0}
        onPress={() => step(-1)}
      />
      <Text
        bold
        role="status"
        aria-label={t('pins-in-2', { count })}
        style={{ fontSize: 28, lineHeight: 34, minWidth: 40, textAlign: 'center' }}
      >
        {String(count)}
      </Text>
      <Button type="outline" title="+" accessibilityLabel={t('one-pin-more')} onPress={() => step(1)} />
    </View>
  )
}
