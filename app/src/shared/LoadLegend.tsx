import { things as t } from '@thimble/language/en/things'
import { useEffect, useRef } from 'react'
import { View } from 'react-native'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'
import { loadLevels, paintLevel } from './loadLevels'

const CELL = 18

/** The patterns of the load map in words. */
export function LoadLegend() {
  return (
    <View
      style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 4 }}
      aria-label={t('stitches-on-a-cm')}
    >
      {loadLevels.map(({ name, from }, level) => (
        <View key={name} style={{ flexDirection: 'row', alignItems: 'center', gap: 6 }}>
          <Patch level={level} />
          <Text soft>{`${name}, ${rangeOf(level, from)}`}</Text>
        </View>
      ))}
      <Text soft>{t('stitches-a-cm')}</Text>
    </View>
  )
}

function rangeOf(level: number, from: number): string {
  const next = loadLevels[level + 1]?.from
  return level === 0 ? t('under', { next: String(next) }) : next ? t('to', { from, next }) : t('over', { from })
}

function Patch({ level }: { level: number }) {
  const p = usePalette()
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    const pen = canvas.current?.getContext('2d')
    if (!pen) return
    pen.setTransform(2, 0, 0, 2, 0, 0)
    pen.clearRect(0, 0, 2 * CELL, 2 * CELL)
    paintLevel(pen, level, 0, 0, CELL, p)
  }, [level, p])
  return <canvas aria-hidden ref={canvas} width={2 * CELL} height={2 * CELL} style={{ width: CELL, height: CELL }} />
}
