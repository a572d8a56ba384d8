import { labelOf } from '@thimble/language'
import { findKinds, itemKinds } from '../src/placement'

describe('an item is found by what people call it', () => {
  // The names of craft.md section 9, each with the item a practitioner would reach for.
  it.each([
    ['t-shirt', 'tee'],
    ['T shirts', 'tee'],
    ['hoodie', 'hooded-top'],
    ['jumper', 'sweatshirt'],
    ['pullover', 'sweatshirt'],
    ['onesie', 'infant-bodysuit'],
    ['romper', 'infant-bodysuit'],
    ['babygrow', 'infant-bodysuit'],
    ['dressing gown', 'robe'],
    ['handkerchief', 'napkin'],
    ['serviettes', 'napkin'],
    ['doona', 'blanket'],
    ['quilt', 'blanket'],
    ['shopper', 'tote'],
    ['pouch', 'drawstring-bag'],
    ['hat', 'flat-panel'],
    ['gilet', 'gilet'],
    ['waistcoat', 'gilet'],
    ['pennant', 'flat-panel'],
    ['drape', 'flat-panel'],
    ['curtains', 'flat-panel'],
    ['velvet', 'flat-panel'],
    ['child', 'tee'],
    ['cushion', 'cushion-cover'],
    ['bath sheet', 'bath-towel'],
    ['face cloth', 'wash-cloth'],
    ['dishcloth', 'tea-towel'],
    ['pinafore', 'apron'],
    ['jeans', 'trouser-leg'],
    ['cuff', 'shirt'],
    ['yoke', 'polo'],
  ])('%s', (word, id) => {
    expect(findKinds(word, itemKinds, labelOf)[0]?.id).toBe(id)
  })

  it('all are shown for no word, and none for one that means nothing', () => {
    expect(findKinds(' ', itemKinds, labelOf)).toHaveLength(itemKinds.length)
    expect(findKinds('anvil', itemKinds, labelOf)).toEqual([])
  })
})
