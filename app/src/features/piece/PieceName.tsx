import { LocalDate, type Patch, type Piece } from '@thimble/contract'
import { madeByHand } from '@thimble/plan/madeByHand'
import { View } from 'react-native'
import { patch } from '@/sync/changes'
import { Field } from '@/ui/Field'
import { LimitedField } from '@/ui/LimitedField'
import { NameField } from '@/ui/NameField'
import { useDraftText } from '@/ui/useDraftText'
import { Heading } from '@/ui/Text'

const isDate = (text: string): boolean => LocalDate.safeParse(text).success

/** What the piece is called, for whom, and when it is due; what cannot be kept stays typed and is not sent. */
export function PieceName({ piece }: { piece: Piece }) {
  const [due, setDue] = useDraftText(`due.${piece.id}`, piece.due ?? '')
  const set = (body: Patch<Piece>): void => patch('pieces', piece.id, madeByHand(piece, body))
  const typeDue = (text: string): void => {
    const date = text.trim()
    const good = date === '' || isDate(date)
    setDue(text, good)
    if (good) set({ due: date || null })
  }
  return (
    <View style={{ gap: 12 }}>
      <Heading level={2}>About this piece</Heading>
      <NameField slot={`name.${piece.id}`} name={piece.name} onChange={(name) => set({ name })} />
      <LimitedField label="Customer" most={120} value={piece.customer} onChange={(customer) => set({ customer })} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <LimitedField
          half
          label="Number in the set"
          most={120}
          value={piece.run}
          placeholder="3 of 12"
          onChange={(run) => set({ run })}
        />
        <Field
          half
          label="Due"
          value={due}
          placeholder="2026-11-30"
          problem={due.trim() === '' || isDate(due.trim()) ? null : 'Write the date like 30 Nov or 2026-11-30.'}
          onChange={typeDue}
        />
      </View>
    </View>
  )
}
