import { piece as t } from '@thimble/language/en/piece'
import { stagesDone } from '@thimble/plan'
import type { Piece, StageId } from '@thimble/contract'
import { memo, useMemo } from 'react'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { BackButton } from '@/ui/BackButton'
import { PageTitle } from '@/ui/PageTitle'
import { SettingsLink } from '@/ui/SettingsLink'
import { ThreadLine } from '@/ui/ThreadLine'
import { Text } from '@/ui/Text'

type Props = {
  piece: Piece
  at: StageId
  changed: ReadonlySet<StageId>
  onPick: (stage: StageId) => void
}

/** The piece's name over its thread. */
export const TicketHead = memo(function TicketHead({ piece, at, changed, onPick }: Props) {
  const done = useMemo(() => stagesDone(piece), [piece])
  return (
    <View style={{ paddingHorizontal: 16, paddingTop: 6, paddingBottom: 8 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', minHeight: 52, gap: 10 }}>
        <BackButton />
        <PageTitle place={piece.id} style={{ fontSize: 21, lineHeight: 25 }}>
          {piece.name}
        </PageTitle>
        <SavedState id={piece.id} />
        <SettingsLink />
      </View>
      <ThreadLine done={done} changed={changed} at={at} onPick={onPick} />
    </View>
  )
})

/** Apart from the rest of the head, as it changes with every key. */
function SavedState({ id }: { id: string }) {
  const says = useDocuments(({ waiting, connection, refused }) => {
    if (waiting > 0) return connection === 'away' ? 'kept-here' : 'saving'
    return refused.some(({ change }) => 'id' in change && change.id === id) ? 'not-all-saved' : 'saved'
  })
  return (
    <Text soft role="status">
      {t(says)}
    </Text>
  )
}
