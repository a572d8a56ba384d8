import { hoop as t } from '@thimble/language/en/hoop'
import { Button } from '@rneui/themed'
import type { TraceAnswer, TraceRequest } from '@thimble/contract/devices'
import { applyPose, composePose, inversePose } from '@thimble/core/plane'
import { writeName } from '@thimble/language'
import { type StraightCheck, withAdded } from '@thimble/plan'
import { useState } from 'react'
import { View } from 'react-native'
import { ask } from '@/http/client'
import { AdviceBar } from '@/ui/AdviceBar'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'
import { writePlace } from './writePlace'

type Props = { tools: PieceTools; check: StraightCheck }
type Walked = { way: TraceRequest['way']; answer: TraceAnswer }

/** The machine walks round the design before it is sewn, and says how near the needle comes to what it may not strike. */
export function TraceSection({ tools, check }: Props) {
  const { run, busy, problem } = useTask()
  const [walked, setWalked] = useState<Walked | null>(null)
  const trace = async (way: TraceRequest['way']): Promise<void> => {
    setWalked({
      way,
      answer: await ask<TraceAnswer>('/devices/machine/trace', { method: 'POST', body: traceAsk(tools, check, way) }),
    })
  }
  return (
    <Section>
      <Disclosure title={t('trace-it-with-the-machine')}>
        <Text soft>{t('the-needle-stays-up-hands')}</Text>
        <View style={{ flexDirection: 'row', gap: 12 }}>
          {(['box', 'contour'] as const).map((way) => (
            <View key={way} style={{ flex: 1 }}>
              <Button
                type="outline"
                title={way === 'box' ? t('around-the-box') : t('along-the-outline')}
                disabled={busy}
                onPress={() => run(() => trace(way))}
              />
            </View>
          ))}
        </View>
        {problem ? <AdviceBar advice={{ code: 'trace', text: problem, severity: 'caution' }} /> : null}
        {walked ? <WhatItMet {...{ walked, check }} write={tools.plan.writeRoom} /> : null}
      </Disclosure>
    </Section>
  )
}

function traceAsk(
  { marked }: PieceTools,
  { at, correction, move }: StraightCheck,
  way: TraceRequest['way'],
): TraceRequest {
  const pose = move?.pose ?? withAdded(at, at.pose)
  const lies = composePose(correction?.exact ?? at.pose, inversePose(at.target))
  const zones = marked.placed?.item.zones ?? []
  return {
    ...{ hull: at.hull, pose, field: at.hoop.field, way },
    zones: zones.map((zone) => ({ name: writeName(zone.name), outline: zone.outline.map((p) => applyPose(lies, p)) })),
  }
}

/** Nearer to the ring than this nobody stitches without a trace (craft.md section 9). */
const NEAR = 5

function WhatItMet({
  walked: { answer },
  check,
  write,
}: {
  walked: Walked
  check: StraightCheck
  write: (mm: number) => string
}) {
  const { field, zones, seconds } = answer
  const { x, y } = check.at.hoop.notchOffset ?? { x: 0, y: 0 }
  const where = (at: { x: number; y: number }): string => writePlace({ x: at.x - x, y: at.y - y }, write)
  const nearest = [...zones].sort((a, b) => a.mm - b.mm)[0]
  const ring =
    field.mm < 0
      ? ({
          severity: 'stop',
          text: t('it-would-leave-the-field', { one: write(-field.mm), where: where(field.at) }),
        } as const)
      : ({
          severity: field.mm < NEAR ? 'caution' : 'note',
          text: t('nearest-to-the-fields-edge', { mm: write(field.mm), where: where(field.at), seconds }),
        } as const)
  return (
    <>
      <AdviceBar advice={{ code: 'ring', ...ring }} />
      {nearest && nearest.mm < 60 ? (
        <AdviceBar
          advice={{
            code: 'zone',
            severity: nearest.mm < NEAR ? 'caution' : 'note',
            text:
              nearest.mm <= 0
                ? t('it-crosses-the', { name: nearest.name, where: where(nearest.at) })
                : t('nearest-to-the', { name: nearest.name, mm: write(nearest.mm), where: where(nearest.at) }),
          }}
        />
      ) : null}
    </>
  )
}
