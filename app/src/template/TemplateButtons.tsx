import { problemText } from '@thimble/language'
import { papers as t } from '@thimble/language/en/papers'
import { Button } from '@rneui/themed'
import type { PaperId } from '@thimble/core/template'
import type { Handed } from '@/shared/shareFile'
import { useState } from 'react'
import { View } from 'react-native'
import { Disclosure } from '@/ui/Disclosure'
import { Text } from '@/ui/Text'

const handed: Record<Handed, string | null> = {
  saved: t('the-template-is-in-your'),
  shared: t('print-the-template-at-100'),
  left: null,
}

/** The true-size paper template as a PDF, for either paper. */
// Fetched when it is asked for, which the check cannot follow.
// ts-unused-exports:disable-next-line
export function TemplateButtons({ make }: { make: (paper: PaperId) => Promise<Handed> }) {
  const [said, setSaid] = useState<string | null>(null)
  const print = async (paper: PaperId): Promise<void> => {
    setSaid(t('making-the-template'))
    try {
      setSaid(handed[await make(paper)])
    } catch (error) {
      setSaid(error instanceof Error && 'code' in error ? problemText(error) : t('the-template-couldnt-be-made'))
    }
  }
  return (
    <Disclosure title={t('paper-template')}>
      <Text soft>{t('cut-it-out-and-lay')}</Text>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <Button type="outline" title={t('pdf-on-a4')} onPress={() => void print('a4')} />
        </View>
        <View style={{ flex: 1 }}>
          <Button type="outline" title={t('pdf-on-letter')} onPress={() => void print('letter')} />
        </View>
      </View>
      {said ? <Text role="status">{said}</Text> : null}
    </Disclosure>
  )
}
