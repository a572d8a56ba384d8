import { shopComputer as t } from '@thimble/language/en/shopComputer'
import type { Bobbin, Needle, Order, Piece, Supply, Thread } from '@thimble/contract'
import type { NewPieces, OrderStatus } from '@thimble/contract/answers'
import { garmentsOf, linesOf, realOfLine, setupShares } from '@thimble/plan/orders'
import { and, eq, isNull, sql } from 'drizzle-orm'
import { ZodRealError } from 'zod'
import { asText } from '../db/asText'
import { documentTables } from '../db/tables'
import type { ShopStore } from './shopStore'

const { pieces } = documentTables

/** The pieces of orders: made many at once, and looked at as their order has them. */
export class OrderPieces {
  constructor(private readonly store: ShopStore) {}

  /**
   * Keeps the pieces of an order and the names set for them in one transaction. What is there already stays as it is, so that
   * asking twice is safe; what was removed is made again. Answers how many were made.
   * @throws NotKept for an order that is not kept, ZodError for a piece of another one
   */
  make(orderId: string, { designs, pieces: made }: NewPieces): Promise<number> {
    const { database, documents, packed } = this.store
    made.forEach(({ order }, i) => {
      if (order?.id !== orderId) throw ofAnother(i)
    })
    return database.writes.run(async (tx) => {
      await documents.orders!.getText(orderId)
      for (const { card, packed: design } of designs) {
        const row = await documents.designs!.findIn(tx, card.id)
        if (!row || row.deletedAt !== null) await documents.designs!.put(tx, card, { row })
        if (!row) await packed.put(tx, card.id, design)
      }
      let count = 0
      for (const piece of made) {
        const row = await documents.pieces!.findIn(tx, piece.id)
        if (row && row.deletedAt === null) continue
        await documents.pieces!.put(tx, piece, { row })
        count++
      }
      return count
    })
  }

  /** How an order stands. @throws NotKept */
  async status(orderId: string): Promise<OrderStatus> {
    const order = (await this.store.documents.orders!.get(orderId)) as Order
    const found = await this.#piecesOf(orderId)
    const inLog = found.filter(({ finish }) => finish.kept.length > 0)
    const [shop, prices, shares] = [await this.store.shop(), await this.#prices(), setupShares(order)]
    const real = linesOf(order).flatMap(([id, line]) => {
      const own = inLog.filter((piece) => piece.order?.line === id)
      const ordered = garmentsOf(line).length
      const cost = realOfLine({ line, pieces: own, shop, prices, ordered, setup: shares.get(id) ?? 0 })
      return cost ? [{ line: id, ...cost }] : []
    })
    return { pieces: found.map(asListed), real }
  }

  async #piecesOf(orderId: string): Promise<Piece[]> {
    const rows = await this.store.database.db
      .select({ id: pieces.id, text: asText(pieces.doc), revision: pieces.revision })
      .from(pieces)
      .where(and(isNull(pieces.deletedAt), eq(sql`${sql.identifier('of_order')}`, orderId)))
    const sound = await this.store.documents.pieces!.soundOf(rows)
    return sound.map(({ text }) => JSON.parse(text) as Piece)
  }

  async #prices() {
    const all = async <Doc>(name: string): Promise<Doc[]> =>
      JSON.parse(await this.store.documents[name]!.listText({ limit: 10_000, offset: 0 })) as Doc[]
    return {
      threads: await all<Thread>('threads'),
      supplies: await all<Supply>('supplies'),
      needles: await all<Needle>('needles'),
      bobbins: await all<Bobbin>('bobbins'),
    }
  }
}

const asListed = ({ id, name, order, finish }: Piece): OrderStatus['pieces'][number] => ({
  ...{ id, name, line: order!.line, row: order!.row, place: order!.place },
  finishedAt: finish.kept[0]?.at ?? null,
  verdict: finish.kept[0]?.verdict ?? null,
})

const ofAnother = (i: number) =>
  new ZodRealError([
    { code: 'custom', path: ['pieces', i, 'order', 'id'], message: t('it-belongs-to-another-order'), input: undefined },
  ])
