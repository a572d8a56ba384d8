import { problemText } from '@thimble/language'
import { things as t } from '@thimble/language/en/things'
import { Button } from '@rneui/themed'
import type { Advice } from '@thimble/core/advice'
import { type Design, type DesignChange, scaleAdvice } from '@thimble/core/design'
import { CoreError } from '@thimble/core/errors'
import { scaleToFit } from '@thimble/core/hooping'
import type { Point } from '@thimble/core/plane'
import { readNumber, readTyped } from '@thimble/plan'
import { useState } from 'react'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { useNamed } from '@/state/useShelfDocs'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { LengthField } from '@/ui/LengthField'
import { Disclosure } from '@/ui/Disclosure'

const turns = ['0', '90', '180', '270'].map((id) => ({ id, name: id === '0' ? t('upright') : t('clockwise', { id }) }))
const mirrors = [
  { id: 'none', name: t('now') },
  { id: 'left-right', name: t('left-to-right') },
  { id: 'top-bottom', name: t('top-to-bottom') },
] as const

type Props = {
  /** As it is now: its width in millimetres, and its hull. */
  design: { source: Design['source']; width: number; hull: Point[] }
  change: DesignChange
  /** What was done to it before this change, which the limits count in. */
  before?: number
  busy?: boolean
  onChange: (change: Partial<DesignChange>) => void
}

/** Scale, turn and mirror of a design: by percent, by a width, or to fit a hoop; with what each does to its stitches. */
// Fetched when it is asked for, which the check cannot follow.
// ts-unused-exports:disable-next-line
export function ChangeFields({ design, change, before = 1, busy = false, onChange }: Props) {
  const quarter = turns.some((t) => t.id === String(change.rotate))
  return (
    <>
      <ScaleFields
        key={change.scale}
        {...{ design, busy, before }}
        scale={change.scale}
        onScale={(scale) => onChange({ scale })}
      />
      <Choices
        label={t('turn')}
        choices={quarter ? turns : [...turns, { id: String(change.rotate), name: `${change.rotate}°` }]}
        value={String(change.rotate)}
        onChange={(id) => onChange({ rotate: Number(id) })}
      />
      <TurnField
        key={`turn${change.rotate}`}
        busy={busy}
        rotate={change.rotate}
        onTurn={(rotate) => onChange({ rotate })}
      />
      <Choices
        label={t('mirror')}
        choices={mirrors}
        value={change.mirror}
        onChange={(mirror) => onChange({ mirror })}
      />
    </>
  )
}

type ScaleProps = Pick<Props, 'design'> & {
  scale: number
  before: number
  busy: boolean
  onScale: (scale: number) => void
}

/** The scale by any of three ways, with what it does before it is taken. */
function ScaleFields({ design, scale, before, busy, onScale }: ScaleProps) {
  const { unit } = useDocuments((s) => s.shop)
  const now = percent(scale)
  const [text, setText] = useState(now)
  const [width, setWidth] = useState('')
  const { value, problem: unread } = readNumber(text, 1000)
  const wide = readTyped({ text: width, unit })
  const looked = value === null || unread ? null : looksLike(design, (value / 100) * before)
  const problem = unread ?? (looked && 'problem' in looked ? looked.problem : null)
  const toScale = (next: number): void => setText(percent(next))
  // What was typed counts as one goes on, with the button or without.
  const take = (): void => {
    if (text !== now && value !== null && !problem && !busy) onScale(value / 100)
  }
  return (
    <View style={{ gap: 8 }}>
      <Field
        label={t('scale')}
        big
        suffix="%"
        keyboard="numeric"
        value={text}
        problem={problem}
        onChange={setText}
        onBlur={take}
      />
      <LengthField
        label={t('or-new-width')}
        typed={{ text: width, unit }}
        unit={unit}
        problem={wide.problem}
        onChange={({ text: typed }) => {
          setWidth(typed)
          const { mm } = readTyped({ text: typed, unit })
          if (mm) toScale((scale * mm) / design.width)
        }}
        onBlur={take}
      />
      <ToFitHoop hull={design.hull} scale={scale} onScale={toScale} />
      {looked && 'advice' in looked ? looked.advice.map((a) => <AdviceBar key={a.code} advice={a} />) : null}
      {text === now || value === null || problem ? null : (
        <Button title={t('make-it', { text })} disabled={busy} onPress={take} />
      )}
    </View>
  )
}

const percent = (scale: number): string => String(Math.floor(scale * 1000 + 1e-6) / 10)

type FitProps = { hull: Point[]; scale: number; onScale: (scale: number) => void }

/** As large as a hoop of the stash takes it, with room to spare. */
function ToFitHoop({ hull, scale, onScale }: FitProps) {
  const hoops = useNamed('hoops')
  if (hoops.length === 0) return null
  return (
    <Disclosure title={t('or-fit-to-a-hoop')}>
      <Choices
        label={t('fit-to-this-hoop')}
        choices={hoops.map(({ id, name }) => ({ id, name }))}
        value={null}
        onChange={(id) => {
          const { field } = hoops.find((h) => h.id === id)!
          // Whichever way up it loads best.
          onScale(scale * scaleToFit({ hull, field, rotations: [0, 90, 180, 270] }))
        }}
      />
    </Disclosure>
  )
}

function looksLike(design: Props['design'], scale: number): { problem: string } | { advice: Advice[] } {
  if (scale < 0.1) return { problem: t('the-smallest-is-10') }
  try {
    return { advice: scaleAdvice(design, scale) }
  } catch (error) {
    if (error instanceof CoreError) return { problem: problemText(error) }
    throw error
  }
}

type TurnProps = { rotate: number; busy: boolean; onTurn: (degrees: number) => void }

function TurnField({ rotate, busy, onTurn }: TurnProps) {
  const [text, setText] = useState('')
  const { value, problem } = readNumber(text, 360)
  const take = (): void => {
    if (value !== null && !problem && !busy) onTurn(value)
  }
  return (
    <View style={{ gap: 8 }}>
      <Field
        label={t('or-degrees-clockwise')}
        suffix="°"
        keyboard="numeric"
        value={text}
        placeholder={String(rotate)}
        problem={problem}
        onChange={setText}
        onBlur={take}
      />
      {value === null || problem ? null : <Button title={t('turn-it', { value })} disabled={busy} onPress={take} />}
    </View>
  )
}
