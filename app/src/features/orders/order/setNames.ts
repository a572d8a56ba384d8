import { orders as t } from '@thimble/language/en/orders'
import type { DesignCard, NameSetting, Order } from '@thimble/contract'
import type { NewPieces } from '@thimble/contract/answers'
import type { Advice } from '@thimble/core/advice'
import type { FittedName } from '@thimble/core/lettering'
import type { NameDesigns } from '@thimble/plan/orders'
import { Asset } from 'expo-asset'
import { cardOf } from '@/shared/cardOf'
import { typefaces } from '@/theme/typefaces'
import { inDesignWorker } from '@/workers/designClient'
import { type NamesAt, nameDesignId, namesOf, readSetting } from './nameSettings'

export const fontOf = (face: string): string =>
  Asset.fromModule((typefaces.find(({ id }) => id === face) ?? typefaces[0]!).file).uri

/** A name as it comes out at its place, and the design it is kept as. */
export type NameOut = FittedName & { design: string }
/** With what the smallest letters of them want. */
export type Fitted = { fitted: NameOut[]; advice: Advice[] }
/** By the place, then by the name. */
export type NamesOut = ReadonlyMap<string, ReadonlyMap<string, NameOut>>

/** How the names of one place come out; none while it cannot be read how they are set. */
export async function fitAt({ setting, names }: Pick<NamesAt, 'setting' | 'names'>): Promise<Fitted> {
  const { request } = readSetting(setting)
  if (!request || names.length === 0) return { fitted: [], advice: [] }
  const { fitted, advice } = await inDesignWorker((desk) => desk.fit(names, request, fontOf(setting.face)))
  return { fitted: fitted.map((one) => ({ ...one, design: nameDesignId(one, setting) })), advice }
}

/** All names of an order as they come out. @throws Error with a sentence for the person */
export async function fitOrder(order: Order): Promise<NamesOut> {
  const out = new Map<string, ReadonlyMap<string, NameOut>>()
  for (const at of namesOf(order))
    out.set(at.place, new Map((await fitAt(at)).fitted.map((one, i) => [at.names[i]!, one])))
  return out
}

/** Which design each name is, of those on the shelf. */
export const designsOf =
  (out: NamesOut, shelf: Readonly<Record<string, unknown>>): NameDesigns =>
  (place, name) => {
    const one = out.get(place)?.get(name)
    return one && !one.problem && shelf[one.design] ? one.design : null
  }

/** A name that is not on the shelf yet, with how it is set. */
type ToSet = { out: NameOut; setting: NameSetting }

export function namesToSet(order: Order, out: NamesOut, shelf: Readonly<Record<string, unknown>>): ToSet[] {
  const all = namesOf(order).flatMap(({ place, setting }) =>
    [...(out.get(place)?.values() ?? [])].map((one): ToSet => ({ out: one, setting })),
  )
  const seen = new Set<string>()
  return all.filter(({ out: { design, problem } }) => {
    if (problem || shelf[design] || seen.has(design)) return false
    seen.add(design)
    return true
  })
}

type SetDesign = NewPieces['designs'][number]

/** Sets names as designs, one after another; `onSet` is told how many there are. */
export async function setNames(toSet: readonly ToSet[], onSet: (count: number) => void): Promise<SetDesign[]> {
  const designs: SetDesign[] = []
  for (const { out, setting } of toSet) {
    const request = { text: out.name, letterHeight: out.letterHeight, spacing: out.spacing, colour: setting.colour }
    const made = await inDesignWorker((desk) => desk.name(request, fontOf(setting.face)))
    const face = typefaces.find(({ id }) => id === setting.face)?.name ?? ''
    const card: DesignCard = cardOf(out.design, {
      ...{ name: out.name, kind: 'wording', ofOrder: true, note: t('set-in', { face }) },
      smallestLetterMm: made.smallestLetterMm,
      ...{ change: { scale: 1, rotate: 0, mirror: 'none' as const }, order: null, ...made.design },
    })
    // Wording is artwork; one known by its size alone is never packed.
    designs.push({ card, packed: made.packed as SetDesign['packed'] })
    onSet(designs.length)
  }
  return designs
}
