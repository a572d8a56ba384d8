import { writeName } from '@thimble/language'
import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import type { DesignCard, OrderLine } from '@thimble/contract'
import { garmentsOf, kindOfLine, placesOf } from '@thimble/plan/orders'

/** “2 S, 5 M, 3 L”; nothing yet where there is none. */
export function sizesText(line: OrderLine): string {
  const garments = garmentsOf(line)
  const sizes = kindOfLine(line).sizes.flatMap(({ id, name }) => {
    const count = garments.filter(({ size }) => size === id).length
    return count > 0 ? [`${count} ${writeName(name)}`] : []
  })
  return sizes.length > 0 ? sizes.join(', ') : t('none-yet')
}

/** “Left chest: tern badge; right chest: each one’s name”. */
export const placesText = (line: OrderLine, designs: Readonly<Record<string, DesignCard>>): string =>
  placesOf(line)
    .map(([, { placement, designId, names }]) => {
      const where = kindOfLine(line).placements.find(({ id }) => id === placement)?.name ?? { own: placement }
      const what = names
        ? t('personal-name-2')
        : designId
          ? (designs[designId]?.name ?? t('design-2'))
          : t('no-design-yet')
      return `${writeName(where)}: ${what}`
    })
    .join('; ')

/** What has to be given before pieces can be made of a line. */
export function lineLacks(line: OrderLine): string | null {
  const garments = garmentsOf(line)
  const places = placesOf(line)
  if (garments.length === 0) return t('enter-sizes-and-numbers-or')
  if (places.length === 0) return t('choose-a-placement-2')
  if (places.some(([, { names, designId }]) => !names && !designId)) return t('choose-a-design')
  const nameless = places.some(([, { names }]) => names) ? garments.filter(({ name }) => !name).length : 0
  if (nameless > 0) return t('of-it-has-no-name', { nameless, many: many(nameless, 'piece') })
  return null
}
