import { piece as t } from '@thimble/language/en/piece'
import type { Patch, Piece } from '@thimble/contract'
import { madeByHand } from '@thimble/plan/madeByHand'
import { View } from 'react-native'
import { patch } from '@/sync/changes'
import { DueField } from '@/ui/DueField'
import { LimitedField } from '@/ui/LimitedField'
import { NameField } from '@/ui/NameField'
import { Heading } from '@/ui/Text'

/** What the piece is called, for whom, and when it is due; what cannot be kept stays typed and is not sent. */
export function PieceName({ piece }: { piece: Piece }) {
  const set = (body: Patch<Piece>): void => patch('pieces', piece.id, madeByHand(piece, body))
  return (
    <View style={{ gap: 12 }}>
      <Heading level={2}>{t('about-this-piece')}</Heading>
      <NameField slot={`name.${piece.id}`} name={piece.name} onChange={(name) => set({ name })} />
      <LimitedField
        label={t('customer')}
        most={120}
        value={piece.customer}
        onChange={(customer) => set({ customer })}
      />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <LimitedField
          half
          label={t('number-in-the-set')}
          most={120}
          value={piece.run}
          placeholder={t('3-of-12')}
          onChange={(run) => set({ run })}
        />
        <DueField slot={piece.id} due={piece.due} onChange={(due) => set({ due })} />
      </View>
    </View>
  )
}
