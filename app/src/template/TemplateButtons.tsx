import { Button } from '@rneui/themed'
import type { PaperId } from '@thimble/core/template'
import type { Handed } from '@/shared/shareFile'
import { useState } from 'react'
import { View } from 'react-native'
import { Disclosure } from '@/ui/Disclosure'
import { Text } from '@/ui/Text'

const handed: Record<Handed, string | null> = {
  saved: 'The template is in your downloads. Print it at 100 % and check its ruler.',
  shared: 'Print the template at 100 % and check its ruler.',
  left: null,
}

/** The true-size paper template as a PDF, for either paper. */
// Fetched when it is asked for, which the check cannot follow.
// ts-unused-exports:disable-next-line
export function TemplateButtons({ make }: { make: (paper: PaperId) => Promise<Handed> }) {
  const [said, setSaid] = useState<string | null>(null)
  const print = async (paper: PaperId): Promise<void> => {
    setSaid('Making the template …')
    try {
      setSaid(handed[await make(paper)])
    } catch (error) {
      setSaid(
        error instanceof Error && 'code' in error
          ? error.message
          : 'The template couldn’t be made. Try again once the shop computer answers.',
      )
    }
  }
  return (
    <Disclosure title="Paper template">
      <Text soft>Cut it out and lay it on the piece. Large ones print on several pages.</Text>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <Button type="outline" title="PDF on A4" onPress={() => void print('a4')} />
        </View>
        <View style={{ flex: 1 }}>
          <Button type="outline" title="PDF on Letter" onPress={() => void print('letter')} />
        </View>
      </View>
      {said ? <Text role="status">{said}</Text> : null}
    </Disclosure>
  )
}
