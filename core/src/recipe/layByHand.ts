import { type Facts, factsOf } from './facts'
import { cutPiece } from './layers'
import { bobbinFor, needleFor, speedFor, tensionFor, topThreadFor } from './needleAndThread'
import type { RecipeOption } from './recipeOption'
import type { HoldingMethod, RecipeQuery } from './recipeQuery'
import { listsFor } from './stackLists'
import type { Grip, Layer } from './stack'
import { shortOf } from './stash'
import { isSticky } from './strength'

/** A layer as the worker puts it in: what it is and how many sheets, and how it is held where it may be; cloth too. */
type HandLayer = Pick<Layer, 'role' | 'kind' | 'sheets'> & { wish?: Grip }
export type HandBuilt = Omit<RecipeOption, 'id' | 'score'>

/** Topping above the cloth, cover below all: where a layer lies that is moved beyond its place. */
const floors: Record<Layer['role'], number> = { topping: 0, cloth: 1, backing: 2, cover: 3 }

/**
 * A stack put together by hand: each layer takes the grip its own kind needs and the piece it is cut to, needle, thread
 * and lists follow. What is good and bad about it `judgeStack` says.
 *
 * @param hand.layers from top to bottom
 * @throws CoreError as recommendRecipe
 * @example a hooped polo over medium cut-away and light tear-away: the cut-away sprayed, the tear-away in the ring
 */
export function layByHand(q: RecipeQuery, hand: { holding: HoldingMethod; layers: readonly HandLayer[] }): HandBuilt {
  const f = factsOf(q)
  const layers = layHand(f, hand.holding, hand.layers)
  const { topThread, because: threadWhy } = topThreadFor(f)
  const { needle, because: needleWhy } = needleFor(f, layers)
  const { bobbin, because: bobbinWhy } = bobbinFor(f, topThread)
  const stack = { holding: hand.holding, layers, needle }
  const built = { ...f, stack, bobbin, top: topThread }
  return {
    ...{ holding: hand.holding, layers, needle, bobbin, topThread },
    speedSpm: speedFor(built),
    ...tensionFor(built),
    because: [...threadWhy, ...needleWhy, bobbinWhy],
    ...listsFor(built),
    short: shortOf(layers, q.stash),
  }
}

function layHand(f: Facts, holding: HoldingMethod, given: readonly HandLayer[]): Layer[] {
  const ordered = given
    .map((layer, i) => ({ layer, i }))
    .sort((a, b) => floors[a.layer.role] - floors[b.layer.role] || a.i - b.i)
    .map(({ layer }) => layer)
  const under = ordered.filter((l) => l.role === 'backing')
  const crossed = f.dense || under.some((l) => l.sheets > 1)
  return ordered.map((layer): Layer => {
    const { role, kind, sheets } = layer
    const grip = gripOf(f, layer, holding, under)
    const piece = cutPiece({ role, grip }, holding, f.work, f.ring)
    const lies = crossed && role === 'backing' && (sheets > 1 || (under.length > 1 && layer === under.at(-1)))
    return { role, kind, sheets, grip, ...(lies ? { crossed: true } : {}), ...(piece ? { piece } : {}) }
  })
}

/** How a layer is held by what it is, how the piece is held, and what lies round it (craft.md sections 3 and 5). */
function gripOf(f: Facts, layer: HandLayer, holding: HoldingMethod, under: readonly HandLayer[]): Grip {
  const { role, kind, wish } = layer
  if (role === 'topping') return 'loose'
  if (role === 'cloth') return clothGrip(holding, under, wish)
  if (kind.endsWith('-fusible')) return 'fused'
  if (holding === 'backing-under') return 'loose'
  const carrier = under.findIndex((l) => isSticky(l.kind))
  const at = under.indexOf(layer)
  if (at < carrier) return 'sprayed'
  if (isSticky(kind) || holding === 'floated') return 'in-ring'
  if (wish === 'sprayed' || wish === 'in-ring') return wish
  return (f.knit || f.stretchy || f.slick) && at === 0 ? 'sprayed' : 'in-ring'
}

function clothGrip(holding: HoldingMethod, under: readonly HandLayer[], wish?: Grip): Grip {
  if (holding !== 'floated') return 'in-ring'
  // Sticky shows only where it is next to the cloth, or to what is fused to it.
  const carrier = under.findIndex((l) => isSticky(l.kind))
  const shows = carrier >= 0 && under.slice(0, carrier).every((l) => l.kind.endsWith('-fusible'))
  if (!shows) return 'sprayed'
  return wish === 'basted' ? wish : 'sticky'
}
