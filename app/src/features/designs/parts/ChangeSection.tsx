import { readNumber } from '@thimble/plan'
import { Button } from '@rneui/themed'
import type { DesignCard } from '@thimble/contract'
import type { Advice } from '@thimble/core/advice'
import { scaleAdvice } from '@thimble/core/design'
import { formatLength } from '@thimble/core/lengths'
import { CoreError } from '@thimble/core/errors'
import { useState } from 'react'
import { View } from 'react-native'
import { editDesign, undoEdits } from '@/desk/editDesign'
import { useShelf } from '@/state/store'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { useTask } from '@/ui/useTask'
import { Words } from '@/ui/Words'
import { useDocs } from '@/state/useShelfDocs'
import { many } from '@/words/designWords'

const turns = ['0', '90', '180', '270'].map((id) => ({ id, name: id === '0' ? 'Upright' : `${id}° clockwise` }))
const mirrors = [
  { id: 'none', name: 'As it is' },
  { id: 'left-right', name: 'Left and right' },
  { id: 'top-bottom', name: 'Top and foot' },
] as const

/** Size, turn and mirror, reckoned from the design as it was read, so that nothing adds up unseen. */
export function ChangeSection({ design }: { design: DesignCard }) {
  const style = useShelf((s) => s.shop)
  const users = useDocs('pieces').filter(
    (piece) => piece.measure.designId === design.id && piece.measure.kept.length === 0,
  )
  const { change, order } = design
  const asRead = change.scale === 1 && change.rotate === 0 && change.mirror === 'none' && order === null
  const { busy, problem, run } = useTask()
  const edit = (over: Partial<DesignCard['change']>) =>
    run(() => editDesign(design, { change: { ...change, ...over } }))
  return (
    <Section title="Size and way up">
      <Words>{`${formatLength(design.width, style)} wide, ${formatLength(design.height, style)} high, ${Math.round(change.scale * 100)} % of its own size.`}</Words>
      <ScaleField key={change.scale} design={design} busy={busy} onScale={(scale) => edit({ scale })} />
      <Choices
        label="Turn"
        choices={
          turns.some((t) => t.id === String(change.rotate))
            ? turns
            : [...turns, { id: String(change.rotate), name: `${change.rotate}°` }]
        }
        value={String(change.rotate)}
        onChange={(id) => void edit({ rotate: Number(id) })}
      />
      <TurnField
        key={`turn${change.rotate}`}
        busy={busy}
        rotate={change.rotate}
        onTurn={(rotate) => edit({ rotate })}
      />
      <Choices label="Mirror" choices={mirrors} value={change.mirror} onChange={(mirror) => void edit({ mirror })} />
      {problem ? <FieldProblem id="change">{problem}</FieldProblem> : null}
      {users.length > 0 ? (
        <Words
          soft
        >{`${many(users.length, 'piece')} on the bench ${users.length === 1 ? 'uses' : 'use'} this design and will follow.`}</Words>
      ) : null}
      {asRead ? null : (
        <Button
          type="outline"
          title="Put it back as it was read"
          disabled={busy}
          onPress={() => void run(() => undoEdits(design))}
        />
      )}
    </Section>
  )
}

type ScaleProps = { design: DesignCard; busy: boolean; onScale: (scale: number) => Promise<boolean> }

/** The scale in percent, with what it does to the stitches before it is taken. */
function ScaleField({ design, busy, onScale }: ScaleProps) {
  const now = String(Math.round(design.change.scale * 1000) / 10)
  const [text, setText] = useState(now)
  const { value, problem: unread } = readNumber(text, 1000)
  const looked = value === null || unread ? null : looksLike(design, value / 100)
  const problem = unread ?? (looked && 'problem' in looked ? looked.problem : null)
  return (
    <View style={{ gap: 8 }}>
      <Field
        label="Scale, in percent of its own size"
        big
        suffix="%"
        keyboard="numeric"
        value={text}
        problem={problem}
        onChange={setText}
      />
      {looked && 'advice' in looked ? looked.advice.map((a) => <AdviceBar key={a.code} advice={a} />) : null}
      {text === now || value === null || problem ? null : (
        <Button title={`Make it ${text} %`} disabled={busy} onPress={() => void onScale(value / 100)} />
      )}
    </View>
  )
}

function looksLike(design: DesignCard, scale: number): { problem: string } | { advice: Advice[] } {
  if (scale < 0.1) return { problem: 'Smaller than 10 % is not taken.' }
  try {
    return { advice: scaleAdvice(design, scale) }
  } catch (error) {
    if (error instanceof CoreError) return { problem: error.message }
    throw error
  }
}

type TurnProps = { rotate: number; busy: boolean; onTurn: (degrees: number) => Promise<boolean> }

function TurnField({ rotate, busy, onTurn }: TurnProps) {
  const [text, setText] = useState('')
  const { value, problem } = readNumber(text, 360)
  return (
    <View style={{ gap: 8 }}>
      <Field
        label="Or by degrees, clockwise"
        suffix="°"
        keyboard="numeric"
        value={text}
        placeholder={String(rotate)}
        problem={problem}
        onChange={setText}
      />
      {value === null || problem ? null : (
        <Button title={`Turn it ${value}°`} disabled={busy} onPress={() => void onTurn(value)} />
      )}
    </View>
  )
}
