import { bobbinColourNames, pointNames } from '@thimble/language'
import { piece as t } from '@thimble/language/en/piece'
import type { DecidedStack } from '@thimble/contract'
import { needlePoints, needleSizes } from '@thimble/core/recipe'
import { bobbinShort } from '@thimble/plan/consumption'
import { Button } from '@rneui/themed'
import { useNamed } from '@/state/useShelfDocs'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Text } from '@/ui/Text'
import { bobbinText, needleText } from '@/words/stackWords'
import type { PieceTools } from './usePiece'

type Props = { tools: PieceTools; stack: DecidedStack; advised: Pick<DecidedStack, 'needle' | 'bobbin'> | null }

const bobbinColours = ['white', 'black', 'match'] as const

/** Says so where none of the bobbin's weight and colour is in the stash. */
export function MissingBobbin({ bobbin }: Pick<DecidedStack, 'bobbin'>) {
  const bobbins = useNamed('bobbins')
  if (!bobbinShort(bobbin, bobbins)) return null
  const instead = bobbin?.colour === 'black' ? t('white-works-too-but-shows') : ''
  const text = t('no-bobbin-in-the-stash', { bobbin: bobbinText(bobbin), instead })
  return <AdviceBar advice={{ code: 'short', severity: 'caution', text }} />
}

/** Needle and bobbin for these layers: as they go with them, or the worker's own. */
export function OwnNeedle({ tools: { piece, set }, stack, advised }: Props) {
  const { own } = piece.build
  const put = (change: Partial<typeof own>): void => set({ build: { own: change } })
  const needle = stack.needle ?? { size: '75/11', point: 'embroidery', coated: false }
  const bobbin = stack.bobbin ?? { weight: 60, colour: 'white' }
  const chosen = piece.measure.carried ? t('your-choice-or-as-last') : t('your-choice')
  const otherwise = [
    advised?.needle && needleText(advised.needle) !== needleText(stack.needle) ? needleText(advised.needle) : '',
    advised?.bobbin && bobbinText(advised.bobbin) !== bobbinText(stack.bobbin)
      ? t('bobbin', { bobbin: bobbinText(advised.bobbin) })
      : '',
  ].filter(Boolean)
  return (
    <>
      {otherwise.length > 0 ? <Text soft>{t('advised-2', { chosen, otherwise: otherwise.join(', ') })}</Text> : null}
      <Choices
        label={t('needle')}
        choices={needleSizes.map((id) => ({ id, name: id }))}
        value={needle.size}
        onChange={(size) => put({ needle: { ...needle, size } })}
      />
      <Choices
        label={t('point')}
        choices={needlePoints.map((id) => ({ id, name: pointNames[id] }))}
        value={needle.point}
        onChange={(point) => put({ needle: { ...needle, point } })}
      />
      <Choices
        label={t('bobbin-2')}
        choices={bobbinColours.map((id) => ({ id, name: bobbinColourNames[id] }))}
        value={bobbin.colour}
        onChange={(colour) => put({ bobbin: { ...bobbin, colour } })}
      />
      {own.needle || own.bobbin ? (
        <Button
          type="outline"
          title={t('use-the-advised-ones')}
          onPress={() => put({ needle: null, bobbin: null } as never)}
        />
      ) : null}
    </>
  )
}
