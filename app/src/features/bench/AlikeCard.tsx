import { bench as t } from '@thimble/language/en/bench'
import type { Piece } from '@thimble/contract'
import { useState } from 'react'
import { Pressable, View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { SetApart } from '@/ui/SetApart'
import { Text } from '@/ui/Text'
import { PieceCard } from './PieceCard'

/** Pieces of one order that stand alike: the first of them, and the others behind one line. */
export function AlikeCard({ pieces }: { pieces: readonly Piece[] }) {
  const [open, setOpen] = useState(false)
  const [first, ...others] = pieces
  return (
    <View style={{ flexGrow: 1 }}>
      <Card piece={first!} />
      {others.length > 0 ? <More count={others.length} open={open} onPress={() => setOpen(!open)} /> : null}
      {open ? others.map((piece) => <Card key={piece.id} piece={piece} />) : null}
    </View>
  )
}

const Card = ({ piece }: { piece: Piece }) => (
  <SetApart name={piece.name}>
    <PieceCard piece={piece} />
  </SetApart>
)

function More({ count, open, onPress }: { count: number; open: boolean; onPress: () => void }) {
  const p = usePalette()
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      onPress={onPress}
      style={{
        minHeight: 44,
        justifyContent: 'center',
        paddingHorizontal: 16,
        backgroundColor: p.paper,
        borderBottomWidth: 1,
        borderBottomColor: p.seam,
      }}
    >
      <Text bold tone="indigo">
        {open ? t('show-fewer') : t('more-like-this', { count })}
      </Text>
    </Pressable>
  )
}
