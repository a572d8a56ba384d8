import { hoop as t } from '@thimble/language/en/hoop'
import { Button } from '@rneui/themed'
import type { Patch, Piece } from '@thimble/contract'
import type { CameraLook } from '@thimble/contract/devices'
import { cameraAsk, type StraightCheck } from '@thimble/plan'
import { readCamera } from '@thimble/plan/readCamera'
import { Image, View } from 'react-native'
import { ask } from '@/http/client'
import { AdviceBar } from '@/ui/AdviceBar'
import { useTask } from '@/ui/useTask'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'

type Props = {
  tools: PieceTools
  check: StraightCheck
  seen: CameraLook | null
  onSeen: (look: CameraLook) => void
}

/** Asks the machine's camera where the marks lie; what it tells is taken as if it had been typed. */
export function AskCamera({ tools, check, seen, onSeen }: Props) {
  const { piece, shelf, set } = tools
  const { run, busy, problem } = useTask()
  const look = async (): Promise<void> => {
    const found = await ask<CameraLook>('/devices/camera/look', { method: 'POST', body: cameraAsk(piece, check) })
    const read = readCamera(found, check.at.hoop, shelf.shop)
    if (!read) throw new Error('The camera can’t see the hoop’s notches. Try again.')
    onSeen(found)
    const missed = Object.fromEntries(found.missed.map((id) => [id, null]))
    const landed: Patch<Piece['hoop']['landed']> = { ...read.landed, ...missed }
    set({
      hoop: { landed, look: piece.hoop.look === 'edges' ? 'edges' : 'camera' },
    })
  }
  return (
    <View style={{ gap: 8 }}>
      <Button
        type="outline"
        title={busy ? t('the-camera-is-looking') : t('ask-the-camera')}
        disabled={busy}
        onPress={() => run(look)}
      />
      {problem ? <AdviceBar advice={{ code: 'camera', text: problem, severity: 'caution' }} /> : null}
      {seen ? <WhatItSaw {...{ seen, check, style: shelf.shop }} /> : null}
    </View>
  )
}

function WhatItSaw({
  seen,
  check,
  style,
}: {
  seen: CameraLook
  check: StraightCheck
  style: PieceTools['shelf']['shop']
}) {
  const off = readCamera(seen, check.at.hoop, style)?.off ?? 0
  const names = check.sought.filter((one) => seen.missed.includes(one.id)).map((one) => one.name)
  return (
    <>
      <Image
        source={{ uri: `data:image/svg+xml;utf8,${encodeURIComponent(seen.picture)}` }}
        role="img"
        aria-label={t('what-the-camera-sees-the')}
        style={{ width: '100%', aspectRatio: seen.width / seen.height, borderRadius: 4 }}
        resizeMode="contain"
      />
      <Text>
        {t('it-found-of-each-to', { marks: seen.marks.length, sought: check.sought.length, off: off.toFixed(1) })}
      </Text>
      {names.length > 0 ? <Text soft>{t('not-found-place-them-yourself', { names: names.join(', ') })}</Text> : null}
    </>
  )
}
