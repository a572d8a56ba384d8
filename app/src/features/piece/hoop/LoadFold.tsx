import { hoop as t } from '@thimble/language/en/hoop'
import { Button } from '@rneui/themed'
import type { Loading, LoadingTurn } from '@thimble/core/hooping'
import { type HoopingAtHand, lastTime, loadingAtHand, wayNames } from '@thimble/plan'
import { Fold } from '@/ui/Fold'
import { Section } from '@/ui/Section'
import { useSay } from '@/ui/useSay'
import { Text } from '@/ui/Text'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { LoadCautions, LoadedSo } from './LoadedSo'

type Props = { tools: PieceTools; at: HoopingAtHand }

const useLoading = ({ tools, at }: Props): Loading | null => {
  const { piece, marked, shelf } = tools
  return loadingAtHand({ piece, shop: shelf.shop, marked, plan: useHoopPlan(tools), at })
}

/** What to see to at the machine with it loaded so. */
export function LoadedCautions(props: Props) {
  const loading = useLoading(props)
  return loading ? (
    <Section>
      <LoadCautions tools={props.tools} loading={loading} />
    </Section>
  ) : null
}

/** Which way up it goes on the machine, seen from above. */
export function LoadFold({ tools, at }: Props) {
  const { piece, marked } = tools
  const say = useSay()
  const again = lastTime(piece, useHoopPlan(tools))?.turn
  const loading = useLoading({ tools, at })
  if (!loading) return null
  const front = wayNames(piece, marked)[loading.sides.front.way]
  return (
    <Fold title={t('which-way-up')} answer={t('toward-you-2', { front })}>
      {/* A way that came with Same again is nobody's own choice of today. */}
      {again ? null : <Text soft>{say(loading.because[0]!.said)}</Text>}
      <LoadedSo {...{ tools, at, loading }} />
      <OtherWays tools={tools} loading={loading} />
    </Fold>
  )
}

function OtherWays({ tools: { piece, set }, loading }: { tools: PieceTools; loading: Loading }) {
  const say = useSay()
  if (loading.others.length === 0 && piece.hoop.turn === null) return null
  return (
    <>
      <Text soft>{t('load-it-another-way')}</Text>
      {loading.others.map((other) => (
        <Button
          key={other.turn}
          type="outline"
          title={say(other.said)}
          onPress={() => set({ hoop: { turn: other.turn as LoadingTurn } })}
        />
      ))}
      {piece.hoop.turn !== null ? (
        <Button type="outline" title={t('use-the-advised-way')} onPress={() => set({ hoop: { turn: null } })} />
      ) : null}
    </>
  )
}
