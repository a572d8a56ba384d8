import { measure as t } from '@thimble/language/en/measure'
import type { Patch } from '@thimble/contract'
import { useState } from 'react'
import { View } from 'react-native'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { FieldProblem } from '@/ui/FieldProblem'
import { LengthField } from '@/ui/LengthField'
import { LimitedField } from '@/ui/LimitedField'
import { Text } from '@/ui/Text'
import { useShelvedDesigns } from '@/state/useShelfDocs'
import { loadNames, sizedShapes, workKinds } from '@/words/designWords'
import type { PieceTools } from '../usePiece'
import { OwnCopy } from './OwnCopy'

const BY_SIZE = 'by-size'
/** More than these are found by their names. */
const AT_ONCE = 8

/** A design from the shelf, or just its size. */
export function DesignPicker({ tools: { piece, plan, shelf, set } }: { tools: PieceTools }) {
  const designs = useShelvedDesigns()
  const { designId } = piece.measure
  const [words, setWords] = useState('')
  const found = designs.filter(({ id, name }) => id !== designId && name.toLowerCase().includes(words.toLowerCase()))
  const card = designId ? shelf.designs[designId] : undefined
  const chosen = card ? [card] : []
  const offered = [...chosen, ...found].slice(0, AT_ONCE)
  const choices = [{ id: BY_SIZE, name: t('by-size') }, ...offered.map(({ id, name }) => ({ id, name }))]
  return (
    <View style={{ gap: 12 }}>
      {designs.length > AT_ONCE ? (
        <Field
          label={t('find-a-design')}
          value={words}
          onChange={setWords}
          hint={
            found.length + chosen.length > offered.length
              ? t('of-shown-type-more-of', { offered: offered.length, found: found.length + chosen.length })
              : undefined
          }
        />
      ) : null}
      <Choices
        label={t('which-design')}
        choices={choices}
        value={designId ?? BY_SIZE}
        onChange={(id) => set({ measure: { designId: id === BY_SIZE ? null : id, ownChange: null } })}
      />
      {plan.problems.design ? <FieldProblem id="design">{plan.problems.design}</FieldProblem> : null}
      {plan.design.missing ? null : designId ? (
        <>
          <Text>
            {t('wide-high', {
              write: plan.write(plan.design.width),
              write2: plan.write(plan.design.height),
              loadNames: loadNames[plan.design.loadClass],
            })}
          </Text>
          {(['design.width', 'design.height'] as const).map((path) =>
            plan.problems[path] ? (
              <FieldProblem key={path} id={path}>
                {plan.problems[path]}
              </FieldProblem>
            ) : null,
          )}
          {chosen[0] ? <OwnCopy tools={{ piece, plan, set }} card={chosen[0]} /> : null}
        </>
      ) : (
        <SizedByHand tools={{ piece, plan, shelf, set }} />
      )}
    </View>
  )
}

/** What its count comes to; without one its density is asked. */
const reckoned = ({ load, loadClass }: PieceTools['plan']['design']): string | undefined =>
  load === null ? undefined : t('about-stitches-per-cm', { round: Math.round(load), loadNames: loadNames[loadClass] })

type SizedProps = { tools: Pick<PieceTools, 'piece' | 'plan' | 'shelf' | 'set'> }

/** A design that is known by its size alone. */
function SizedByHand({ tools: { piece, plan, shelf, set } }: SizedProps) {
  const { unit } = shelf.shop
  const { ownDesign } = piece.measure
  const own = (body: Patch<typeof ownDesign>): void => set({ measure: { ownDesign: body } })
  return (
    <>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {(['width', 'height'] as const).map((side) => (
          <LengthField
            key={side}
            half
            label={t('design', { side })}
            unit={unit}
            typed={ownDesign[side]}
            placeholder={plan.write(plan.design[side])}
            problem={plan.problems[`design.${side}`]}
            onChange={(typed) => own({ [side]: typed })}
          />
        ))}
      </View>
      <Choices label={t('shape')} choices={sizedShapes} value={ownDesign.shape} onChange={(shape) => own({ shape })} />
      <Text soft>{ownDesign.shape === 'oval' ? t('its-corners-are-free-so') : t('its-corners-need-room-in')}</Text>
      <Choices label={t('what-is-it')} choices={workKinds} value={ownDesign.kind} onChange={(kind) => own({ kind })} />
      <LimitedField
        label={t('stitches-if-known')}
        most={12}
        keyboard="numeric"
        value={ownDesign.stitches}
        problem={plan.problems['design.stitches']}
        hint={reckoned(plan.design)}
        onChange={(stitches) => own({ stitches })}
      />
      {plan.design.load === null ? (
        <Choices
          label={t('how-dense-is-it')}
          choices={(['outline', 'light', 'medium', 'dense'] as const).map((id) => ({ id, name: loadNames[id] }))}
          value={ownDesign.load}
          onChange={(load) => own({ load })}
        />
      ) : null}
    </>
  )
}
