import { hoop as t } from '@thimble/language/en/hoop'
import type { CameraLook } from '@thimble/contract/devices'
import type { StraightCheck } from '@thimble/plan'
import { useState } from 'react'
import { View } from 'react-native'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'
import { AskCamera } from './AskCamera'

type Props = { tools: PieceTools; check: StraightCheck }

/** By marks or by edges, told by the finger, by numbers, or by the camera. */
export function HowToLook({ tools, check }: Props) {
  const { piece, set } = tools
  const { look } = piece.hoop
  const edges = look === 'edges'
  const [seen, setSeen] = useState<CameraLook | null>(null)
  return (
    <Section title={t('how-did-you-check')}>
      {check.hasCorner ? (
        <Choices
          label={t('by')}
          choices={[
            { id: 'marks', name: t('the-marks') },
            { id: 'edges', name: t('the-corners-hems') },
          ]}
          value={edges ? 'edges' : 'marks'}
          onChange={(id) => set({ hoop: { look: id } })}
        />
      ) : null}
      {edges ? <Text soft>{t('two-points-along-each-hem')}</Text> : null}
      <AskCamera tools={tools} check={check} seen={seen} onSeen={setSeen} />
      <Disclosure title={t('type-the-numbers')}>
        <Text soft>{t('from-where-the-notches-cross')}</Text>
        {check.sought.map((one) => (
          <Typed key={one.id} {...{ tools, check, one }} />
        ))}
      </Disclosure>
    </Section>
  )
}

type TypedProps = Props & { one: StraightCheck['sought'][number] }

function Typed({ tools, check, one }: TypedProps) {
  const { shop } = tools.shelf
  const typed = tools.piece.hoop.landed[one.id] ?? { right: '', down: '' }
  const change = (part: 'right' | 'down') => (text: string) =>
    tools.set({ hoop: { landed: { [one.id]: { ...typed, [part]: text.slice(0, 20) } } } })
  const bare = one.name.replace(/^the /, '')
  const name = bare.charAt(0).toUpperCase() + bare.slice(1)
  return (
    <View style={{ flexDirection: 'row', gap: 12 }}>
      <Field
        half
        label={t('right-2', { name })}
        value={typed.right}
        suffix={shop.unit}
        problem={check.problems[`${one.id}.right`]}
        onChange={change('right')}
      />
      <Field
        half
        label={t('toward-you-4', { name })}
        value={typed.down}
        suffix={shop.unit}
        problem={check.problems[`${one.id}.down`]}
        onChange={change('down')}
      />
    </View>
  )
}
