import { formatLength } from '@thimble/core/lengths'
import { useDocuments } from '@/state/store'
import { adhesiveNames } from '@/words/adhesiveWords'
import { layerName, needleText } from '@/words/stackWords'
import { metresText } from '@/words/threadNeeds'
import { fibreName } from '@/words/threadWords'
import { Shelved } from './Shelved'

export function Supplies() {
  const style = useDocuments((s) => s.shop)
  return (
    <Shelved
      collection="supplies"
      title="Backings and toppings"
      add="Add a backing or topping"
      swatch={({ colour }) => colour}
      line={({ kind, widthMm }) => `${layerName(kind)}, ${formatLength(widthMm, style)} wide`}
      left={({ leftMm, lowMm }) => ({ of: 'supplies.leftMm', left: leftMm, low: lowMm })}
    />
  )
}

export const Threads = () => (
  <Shelved
    collection="threads"
    title="Threads"
    add="Add a thread"
    swatch={({ colour }) => colour}
    line={({ weight, fibre }) => `${weight} weight ${fibreName(fibre)}`}
    left={({ leftM, lowM }) => ({ of: 'threads.leftM', left: leftM, low: lowM })}
  />
)

export const Needles = () => (
  <Shelved
    collection="needles"
    title="Needles"
    add="Add needles"
    line={needleText}
    left={({ left, low }) => ({ of: 'needles.left', left, low })}
  />
)

export const Bobbins = () => (
  <Shelved
    collection="bobbins"
    title="Bobbins"
    add="Add bobbins"
    swatch={({ colour }) => colour}
    line={({ weight, woundM }) => `${weight} weight, ${metresText(woundM)} on a full one`}
    left={({ left, low }) => ({ of: 'bobbins.left', left, low })}
  />
)

export const Adhesives = () => (
  <Shelved
    collection="adhesives"
    title="Adhesives"
    add="Add an adhesive"
    line={({ kind }) => adhesiveNames[kind]}
    left={({ left, low }) => ({ of: 'adhesives.left', left, low })}
  />
)
