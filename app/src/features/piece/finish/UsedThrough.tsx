import { bobbinColourNames, pointNames } from '@thimble/language'
import { finish as t } from '@thimble/language/en/finish'
import type { ChosenStack, DecidedStack, Patch } from '@thimble/contract'
import { bobbinWeights, needlePoints, needleSizes } from '@thimble/core/recipe'
import { readCount, workedOn } from '@thimble/plan'
import { patchToStack } from '@thimble/plan/byHand'
import { useState } from 'react'
import { Choices } from '@/ui/Choices'
import { LimitedField } from '@/ui/LimitedField'
import { Disclosure } from '@/ui/Disclosure'
import { fibreNames, weights } from '@/words/threadWords'

type Props = {
  /** The stack as it was said to have been used; null: as it was built. */
  kept: ChosenStack | null
  standing: DecidedStack
  onChange: (stack: Patch<ChosenStack>) => void
}

const named = <Id extends string>(ids: readonly Id[], names: Readonly<Record<Id, string>>) =>
  ids.map((id) => ({ id, name: names[id] }))
const sizes = needleSizes.map((id) => ({ id, name: id }))
const bobbins = bobbinWeights.map((weight) => ({ id: String(weight), name: t('weight', { weight }) }))

/** Needle, threads and speed as they really were, where another was in than was advised. */
export function UsedThrough({ kept, standing, onChange }: Props) {
  const stack = workedOn(kept, standing)
  const put = (change: Partial<ChosenStack>): void => onChange(patchToStack(kept, { ...stack, ...change }))
  const needle = stack.needle ?? { size: '75/11', point: 'embroidery', coated: false }
  const bobbin = stack.bobbin ?? { weight: 60, colour: 'white' }
  const thread = stack.thread ?? { weight: 40, fibre: 'polyester' }
  return (
    <Disclosure title={t('needle-thread-or-speed')}>
      <Choices
        label={t('needle')}
        choices={sizes}
        value={stack.needle?.size ?? null}
        onChange={(size) => put({ needle: { ...needle, size } })}
      />
      <Choices
        label={t('point')}
        choices={named(needlePoints, pointNames)}
        value={stack.needle?.point ?? null}
        onChange={(point) => put({ needle: { ...needle, point } })}
      />
      <Choices
        label={t('top-thread')}
        choices={weights}
        value={stack.thread ? String(stack.thread.weight) : null}
        onChange={(id) => put({ thread: { ...thread, weight: Number(id) as 40 } })}
      />
      <Choices
        label={t('fibre')}
        choices={fibreNames}
        value={stack.thread?.fibre ?? null}
        onChange={(fibre) => put({ thread: { ...thread, fibre } })}
      />
      <Choices
        label={t('bobbin')}
        choices={bobbins}
        value={stack.bobbin ? String(stack.bobbin.weight) : null}
        onChange={(id) => put({ bobbin: { ...bobbin, weight: Number(id) as 60 } })}
      />
      <Choices
        label={t('colour')}
        choices={named(['white', 'black', 'match'] as const, bobbinColourNames)}
        value={stack.bobbin?.colour ?? null}
        onChange={(colour) => put({ bobbin: { ...bobbin, colour } })}
      />
      <Speed speed={stack.speedSpm} onChange={(speedSpm) => put({ speedSpm })} />
    </Disclosure>
  )
}

const MOST_SPM = 3000

function Speed({ speed, onChange }: { speed: number | null; onChange: (speed: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null)
  const text = typed ?? (speed === null ? '' : String(speed))
  const { value, problem } = readCount(text)
  const fast = value !== null && value > MOST_SPM ? t('the-fastest-is-3000') : null
  return (
    <LimitedField
      label={t('stitches-a-minute')}
      most={6}
      keyboard="numeric"
      value={text}
      problem={problem ?? fast}
      onChange={(next) => {
        setTyped(next)
        const read = readCount(next).value
        if (read && read <= MOST_SPM) onChange(read)
      }}
    />
  )
}
