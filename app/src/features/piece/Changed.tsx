import { piece as t } from '@thimble/language/en/piece'
import { Button } from '@rneui/themed'
import type { Difference, StageId } from '@thimble/contract'
import { differencesOf, isSettled, writeDifference } from '@thimble/plan'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Heading, Text } from '@/ui/Text'
import { type PieceTools, plansOf, useBuilt } from './usePiece'

/** Differences told one by one; beyond these there is a number. */
const TOLD = 6

type Props = { tools: PieceTools; stage: StageId; found: readonly Difference[] }

/** What would now come out otherwise than it was decided, in numbers, and the choice to keep it or to take it again. */
export function Changed({ tools, stage, found }: Props) {
  const p = usePalette()
  const { piece, plan, shelf, set, keep } = tools
  const built = useBuilt(tools)
  const { reopened, kept } = piece[stage]
  if (kept.length === 0 || (found.length === 0 && !reopened)) return null
  // What a fresh measurement would stop at stops this one, too.
  const waits = stage === 'measure' && !isSettled(plan)
  const decline = (): void =>
    set({ [stage]: { reopened: false, declined: differencesOf(piece, stage, plansOf(piece, shelf)) } })
  return (
    <View
      role="region"
      aria-label={t('changed-since-it-was-decided')}
      style={{
        margin: 16,
        marginBottom: 0,
        padding: 14,
        gap: 8,
        backgroundColor: p.paper,
        borderLeftWidth: 6,
        borderLeftColor: p.weld,
      }}
    >
      <Heading level={3}>{found.length > 0 ? t('it-would-come-out-otherwise') : t('open-again')}</Heading>
      {found.length === 0 ? <Text soft>{t('nothing-differs-from-what-was')}</Text> : null}
      {found.slice(0, TOLD).map((difference) => (
        <Text key={difference.about}>{writeDifference(difference, plan.style, built)}</Text>
      ))}
      {waits ? <Text bold>{Object.values(plan.problems)[0] ?? t('choose-the-design-first')}</Text> : null}
      {found.length > TOLD ? <Text soft>{t('and-more', { found: found.length - TOLD })}</Text> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Button title={t('keep-it-as-it-was')} type={found.length > 0 ? 'outline' : 'solid'} onPress={decline} />
        {found.length > 0 && !waits ? <Button title={t('take-it-as-it-is')} onPress={() => void keep(stage)} /> : null}
      </View>
    </View>
  )
}
