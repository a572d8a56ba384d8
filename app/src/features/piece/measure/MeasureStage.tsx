import { measure as t } from '@thimble/language/en/measure'
import { isSettled, placedWords } from '@thimble/plan'
import { useState } from 'react'
import { FieldProblem } from '@/ui/FieldProblem'
import { Fold } from '@/ui/Fold'
import { ThumbBar } from '@/ui/ThumbBar'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { clothName, colourName } from '@/words/clothWords'
import { AboutPiece } from '../AboutPiece'
import { StageButton } from '../StageButton'
import type { StageProps } from '../StageProps'
import { ClothColours, WhichCloth } from '../ClothQuestions'
import type { PieceTools } from '../usePiece'
import { DesignFold } from './DesignFold'
import { MarkFold } from './MarkFold'
import { MarkWarnings } from './MarkWarnings'
import { PlaceFold } from './PlaceFold'
import { RowFold } from './RowFold'
import { SkewFold } from './SkewFold'
import { TapeSection } from './TapeSection'
import { SpotsFold } from './SpotsFold'
import { ZonesFold } from './ZonesFold'

/** Measure: where the cross goes, the numbers it follows from, and a line for each thing that is settled. */
export function MeasureStage({ tools, setHighlighted, onDone }: StageProps) {
  const { piece, plan } = tools
  return (
    <>
      <Answer tools={tools} />
      <TapeSection tools={tools} setHighlighted={setHighlighted} />
      <DesignFold tools={tools} />
      <PlaceFold tools={tools} setHighlighted={setHighlighted} />
      {plan.rule.arrange === 'row' ? <RowFold tools={tools} /> : null}
      {plan.rule.arrange === 'scatter' ? <SpotsFold tools={tools} /> : null}
      <ZonesFold tools={tools} />
      <SkewFold tools={tools} setHighlighted={setHighlighted} />
      <ClothFold tools={tools} />
      <MarkFold tools={tools} />
      <AboutPiece piece={piece} />
      <Marked tools={tools} onDone={onDone} />
    </>
  )
}

/** Where the cross goes, what the grey numbers are, and what stands in the way of it. */
function Answer({ tools }: { tools: PieceTools }) {
  const { piece, plan } = tools
  const title = plan.design.assumed ? t('choose-the-design') : placedWords(piece, plan.style, plan)
  return (
    <Section title={title ?? t('check-the-numbers-below')}>
      <MarkWarnings tools={tools} />
    </Section>
  )
}

/** What it is made of decides what marks it and what it may be pressed with. */
function ClothFold({ tools }: { tools: PieceTools }) {
  const { cloth } = tools.piece.build
  const name = cloth.swatch?.name ?? clothName(cloth.family).split(',')[0]!
  return (
    <Fold title={t('cloth')} answer={`${name}, ${colourName(cloth.colour)}`}>
      <WhichCloth tools={tools} />
      <ClothColours tools={tools} />
    </Fold>
  )
}

/** Marked: by the numbers of the size only if that is said twice. */
function Marked({ tools: { plan }, onDone }: Pick<StageProps, 'tools' | 'onDone'>) {
  const required = plan.asks.filter(({ optional }) => !optional)
  const unmeasured = required.length > 0 && required.every(({ id }) => plan.assumed.has(id) && !plan.carried.has(id))
  const [asked, setAsked] = useState(false)
  // A number that came since is what was asked for.
  if (asked && !unmeasured) setAsked(false)
  return (
    <ThumbBar>
      {plan.problems.placed ? <FieldProblem id="placed">{plan.problems.placed}</FieldProblem> : null}
      {asked ? (
        <Text role="status" bold tone="madder">
          {t('nothing-measured-yet-use-typical')}
        </Text>
      ) : null}
      <StageButton
        title={asked ? t('use-typical-sizes') : t('ive-marked-it')}
        disabled={!isSettled(plan)}
        onPress={() => (unmeasured && !asked ? setAsked(true) : onDone())}
      />
    </ThumbBar>
  )
}
