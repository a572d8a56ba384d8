import { Button } from '@rneui/themed'
import { itemKind } from '@thimble/core/placement/itemKinds'
import { View } from 'react-native'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { FieldProblem } from '@/ui/FieldProblem'
import { LengthField } from '@/ui/LengthField'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { TickLine } from '@/ui/TickLine'
import { Words } from '@/ui/Words'
import { DesignPicker } from './DesignPicker'
import type { StageProps } from './StageProps'

const FIELD_PATHS = /^(measures|distances|design)\./

/** Measure: what the tape says, the design, and the marks that follow. */
export function MeasureStage({ tools, setLit, onDone }: StageProps) {
  const { piece, plan, shelf, set } = tools
  const kind = itemKind(piece.itemKind)
  const { placement, problems, assumed, write } = plan
  const unit = shelf.shop.unit
  const loose = Object.entries(problems).filter(([path]) => !FIELD_PATHS.test(path))
  const blocked = Object.keys(problems).length > 0 || placement === null
  const odd = (id: string): string | undefined =>
    placement?.warnings.find((w) => w.code === `is-that-right:${id}`)?.text
  const warnings = placement?.warnings.filter((w) => !w.code.startsWith('is-that-right')) ?? []
  return (
    <>
      <Section
        title="What the tape says"
        says={assumed.size > 0 ? 'Grey numbers are assumed from the size until you type yours.' : undefined}
      >
        <Choices label="Size" choices={kind.sizes} value={piece.size} onChange={(size) => set({ size })} />
        <View style={{ gap: 12 }}>
          {kind.measurements.map((ask, i) => (
            <LengthField
              key={ask.id}
              label={`${i + 1}  ${ask.name}`}
              hint={odd(ask.id) ?? ask.howTo}
              unit={unit}
              typed={piece.measures[ask.id]}
              placeholder={write(ask.presets[piece.size] ?? ask.presets[kind.usualSize]!)}
              problem={problems[`measures.${ask.id}`]}
              onChange={(typed) => set({ measures: { [ask.id]: typed } })}
              onFocus={() => setLit(ask.id)}
              onBlur={() => setLit(null)}
            />
          ))}
        </View>
      </Section>
      <Section title="The design">
        <DesignPicker tools={tools} />
      </Section>
      <Section title="Where it goes">
        <Choices
          label="Placement"
          choices={kind.placements}
          value={piece.placement}
          onChange={(placementId) => set({ placement: placementId })}
        />
        {placement?.distances.map((d) => (
          <LengthField
            key={d.id}
            label={d.name}
            unit={unit}
            typed={piece.distances[d.id]}
            placeholder={write(d.assumed)}
            problem={problems[`distances.${d.id}`]}
            hint={odd(d.id) ?? 'Yours, in place of the usual.'}
            onChange={(typed) => set({ distances: { [d.id]: typed } })}
            onFocus={() => setLit(d.id)}
            onBlur={() => setLit(null)}
          />
        ))}
      </Section>
      <Section
        title="Mark it"
        says="Laid flat, face up, pressed. Try the chalk or pen on a hidden spot first; heat sets some inks."
      >
        {loose.map(([path, text]) => (
          <FieldProblem key={path} id={path}>
            {text}
          </FieldProblem>
        ))}
        {warnings.map((w) => (
          <AdviceBar key={w.code + w.text} advice={w} />
        ))}
        <View>
          {placement?.steps.map((step) => (
            <TickLine
              key={step.id}
              title={step.text}
              after={step.loss ? `(rounded by ${step.loss.toFixed(1)} mm)` : undefined}
              done={piece.marked[step.id] ?? false}
              onChange={(done) => set({ marked: { [step.id]: done } })}
            />
          ))}
        </View>
        {placement ? (
          <Clear tools={tools} />
        ) : (
          <Words soft>The marks follow as soon as the numbers above can be read.</Words>
        )}
      </Section>
      <ThumbBar>
        {plan.design.assumed ? <Words soft>Choose the design or give its size first.</Words> : null}
        <Button title="Marks are on" disabled={blocked || plan.design.assumed} onPress={onDone} />
      </ThumbBar>
    </>
  )
}

function Clear({ tools: { plan } }: Pick<StageProps, 'tools'>) {
  const nearest = [...(plan.placement?.clearances ?? [])].sort((a, b) => a.mm - b.mm)[0]
  if (!nearest || nearest.mm <= 0) return null
  return <Words soft>{`Nearest thing to keep clear of: the ${nearest.name}, ${plan.write(nearest.mm)} away.`}</Words>
}
