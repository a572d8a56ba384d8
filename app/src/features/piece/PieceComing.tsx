import { piece as t } from '@thimble/language/en/piece'
import { useEffect, useState } from 'react'
import { openPiece } from '@/sync/changeFeed'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'

type Props = { id: string; title?: string }

/** In the place of a page of a piece that this device does not hold yet: it is fetched, or it is said that there is none. */
export function PieceComing({ id, title = t('piece') }: Props) {
  const [missing, setMissing] = useState(false)
  useEffect(() => void openPiece(id).then((found) => setMissing(found === 'missing')), [id])
  return (
    <Page key={missing ? 'missing' : 'coming'} title={missing ? t('page-not-found') : title} back passing={!missing}>
      <Section>
        <Text role="status">{missing ? t('this-piece-isnt-here-it') : t('loading-the-piece')}</Text>
      </Section>
    </Page>
  )
}
