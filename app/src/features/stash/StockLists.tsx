import { stash as t } from '@thimble/language/en/stash'
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
      title={t('backings-and-toppings')}
      add={t('add-a-backing-or-topping')}
      swatch={({ colour }) => colour}
      line={({ kind, widthMm }) => t('wide', { layer: layerName(kind), formatLength: formatLength(widthMm, style) })}
      left={({ leftMm, lowMm }) => ({ of: 'supplies.leftMm', left: leftMm, low: lowMm })}
    />
  )
}

export const Threads = () => (
  <Shelved
    collection="threads"
    title={t('threads')}
    add={t('add-a-thread')}
    swatch={({ colour }) => colour}
    line={({ weight, fibre }) => t('weight-3', { weight, fibre: fibreName(fibre) })}
    left={({ leftM, lowM }) => ({ of: 'threads.leftM', left: leftM, low: lowM })}
  />
)

export const Needles = () => (
  <Shelved
    collection="needles"
    title={t('needles')}
    add={t('add-needles')}
    line={needleText}
    left={({ left, low }) => ({ of: 'needles.left', left, low })}
  />
)

export const Bobbins = () => (
  <Shelved
    collection="bobbins"
    title={t('bobbins')}
    add={t('add-bobbins')}
    swatch={({ colour }) => colour}
    line={({ weight, woundM }) => t('weight-on-a-full-one', { weight, metres: metresText(woundM) })}
    left={({ left, low }) => ({ of: 'bobbins.left', left, low })}
  />
)

export const Adhesives = () => (
  <Shelved
    collection="adhesives"
    title={t('adhesives')}
    add={t('add-an-adhesive')}
    line={({ kind }) => adhesiveNames[kind]}
    left={({ left, low }) => ({ of: 'adhesives.left', left, low })}
  />
)
