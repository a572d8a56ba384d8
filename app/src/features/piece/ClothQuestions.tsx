import { layers as t } from '@thimble/language/en/layers'
import type { ClothFamily } from '@thimble/core/recipe'
import { knownUse, madeOf, madeOfNamed } from '@thimble/plan'
import type { Patch, Piece } from '@thimble/contract'
import { View } from 'react-native'
import { useNamed } from '@/state/useShelfDocs'
import { Check } from '@/ui/Check'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { Disclosure } from '@/ui/Disclosure'
import { useDraftText } from '@/ui/useDraftText'
import { Text } from '@/ui/Text'
import { clothChoices, grounds, namedChoices, namedOf } from '@/words/clothWords'
import { PullTest } from './PullTest'
import { UnknownCloth } from './UnknownCloth'
import type { PieceTools } from './usePiece'

const uses = [
  { id: 'nextToSkin', name: t('worn-next-to-the-skin') },
  { id: 'infant', name: t('for-an-infant') },
  { id: 'toy', name: t('a-toy') },
  { id: 'heirloom', name: t('kept-as-an-heirloom') },
  { id: 'backSeen', name: t('the-back-shows') },
] as const

const washed = [
  { id: 'never', name: t('never') },
  { id: 'sometimes', name: t('now-and-then') },
  { id: 'daily', name: t('often') },
] as const

type Props = { tools: Pick<PieceTools, 'piece' | 'shelf' | 'set'> }

/** Family, pull test, colour and use: the four questions the recipe needs. What the item says itself is not asked. */
export function ClothQuestions({ tools }: Props) {
  const { piece, set } = tools
  const { use } = piece.build
  const known = knownUse(piece)
  const tell = (change: Patch<Piece['build']['use']>): void => set({ build: { use: change, cloth: { told: true } } })
  return (
    <View style={{ gap: 14 }}>
      <WhichCloth tools={tools} number="1  " />
      <Disclosure title={t('i-dont-know-the-cloth')}>
        <UnknownCloth tools={tools} />
      </Disclosure>
      <PullTest tools={tools} number="2  " />
      <ClothColours tools={tools} number="3  " />
      <View role="group" aria-label={t('how-will-it-be-used')} style={{ gap: 4 }}>
        <Text soft aria-hidden>
          {t('4-how-will-it-be')}
        </Text>
        {known.nextToSkin || known.infant || known.toy ? (
          <Text soft>
            {[
              known.nextToSkin ? t('worn-next-to-the-skin') : '',
              known.infant ? t('for-an-infant') : '',
              known.toy ? t('a-toy') : '',
            ]
              .filter(Boolean)
              .join(', ')}
            {t('usual-for-this-item')}
          </Text>
        ) : null}
        {uses
          .filter(({ id }) => !(id in known))
          .map(({ id, name }) => (
            <Check
              key={id}
              title={name}
              checked={use[id]}
              onChange={(on) => tell({ [id]: on })}
              wrapperStyle={{ minHeight: 44 }}
            />
          ))}
      </View>
      <Choices
        label={t('washed')}
        choices={washed}
        value={use.laundering}
        onChange={(laundering) => tell({ laundering })}
      />
    </View>
  )
}

type Numbered = Props & { number?: string }

/** A family, or a swatch of the shop's own, whose numbers the piece then carries. */
export function WhichCloth({ tools: { piece, set }, number = '' }: Numbered) {
  const swatches = useNamed('swatches')
  const { family, swatch } = piece.build.cloth
  const own = swatches.map(({ id, name, colour }) => ({ id: SWATCH + id, name, swatch: colour }))
  const byName = swatch && namedChoices.find(({ id }) => namedOf(id)?.id === swatch.id)
  // One that is gone from the stash is still what this piece is made of.
  const carried =
    swatch && !byName && !swatches.some(({ id }) => id === swatch.id)
      ? [{ id: SWATCH + swatch.id, name: swatch.name }]
      : []
  const pick = (id: string): void => {
    const picked = swatches.find((one) => SWATCH + one.id === id)
    const named = namedOf(id)
    if (picked) set({ build: { cloth: madeOf(picked) } })
    else if (named) set({ build: { cloth: madeOfNamed(named) } })
    else if (!id.startsWith(SWATCH)) set({ build: { cloth: { family: id as ClothFamily, swatch: null, told: true } } })
  }
  return (
    <Choices
      label={t('cloth', { number })}
      choices={[...carried, ...own, ...clothChoices, ...namedChoices]}
      value={byName?.id ?? (swatch ? SWATCH + swatch.id : family)}
      onChange={pick}
    />
  )
}

const SWATCH = 'swatch.'

/** The ground by eye, or by its code. */
export function ClothColours({ tools: { piece, set }, number = '' }: Numbered) {
  const { cloth } = piece.build
  const known = grounds.some((g) => g.id === cloth.colour)
  const tell = (colour: string): void => set({ build: { cloth: { colour, told: true } } })
  return (
    <>
      <Choices
        label={t('colour', { number })}
        choices={known ? grounds : [...grounds, { id: cloth.colour, name: t('its-own'), swatch: cloth.colour }]}
        value={cloth.colour}
        onChange={tell}
      />
      {number ? <OwnColour slot={`colour.${piece.id}`} colour={cloth.colour} onChange={tell} /> : null}
    </>
  )
}

function OwnColour({ slot, colour, onChange }: { slot: string; colour: string; onChange: (colour: string) => void }) {
  const [text, setText] = useDraftText(slot, '')
  const isColour = (typed: string): boolean => /^#[0-9a-f]{6}$/i.test(typed)
  const bad = text.trim() !== '' && !isColour(text.trim())
  const type = (typed: string): void => {
    const good = isColour(typed.trim())
    setText(typed, good || typed.trim() === '')
    if (good) onChange(typed.trim().toLowerCase())
  }
  return (
    <Field
      label={t('or-a-colour-code')}
      value={text}
      placeholder={colour}
      problem={bad ? t('write-and-six-digits-such') : null}
      onChange={type}
    />
  )
}
