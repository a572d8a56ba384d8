import type { CollectionName } from '@thimble/contract'
import { AdhesiveForm } from './AdhesiveForm'
import { BobbinForm } from './BobbinForm'
import { HoopForm } from './HoopForm'
import { Hoops } from './Hoops'
import { MachineForm } from './MachineForm'
import { Machines } from './Machines'
import { NeedleForm } from './NeedleForm'
import { Adhesives, Bobbins, Needles, Supplies, Threads } from './StockLists'
import { SupplyForm } from './SupplyForm'
import { SwatchForm } from './SwatchForm'
import { Swatches } from './Swatches'
import { ThreadFactor } from './ThreadFactor'
import { ThreadForm } from './ThreadForm'

type Thing = {
  collection: CollectionName
  /** The list of them on the shelf, in which half of it, and what stands below it. */
  List: () => React.ReactNode
  half: 'list' | 'detail'
  Below?: () => React.ReactNode
  Form: (props: { id: string }) => React.ReactNode
}

/** All that the stash holds, by the word in its address (collectionWords), in the order in which it is shown. */
export const things: Readonly<Record<string, Thing>> = {
  machine: { collection: 'machines', half: 'list', List: Machines, Form: MachineForm },
  hoop: { collection: 'hoops', half: 'list', List: Hoops, Form: HoopForm },
  supply: { collection: 'supplies', half: 'detail', List: Supplies, Form: SupplyForm },
  thread: { collection: 'threads', half: 'detail', List: Threads, Below: ThreadFactor, Form: ThreadForm },
  bobbin: { collection: 'bobbins', half: 'detail', List: Bobbins, Form: BobbinForm },
  needle: { collection: 'needles', half: 'detail', List: Needles, Form: NeedleForm },
  adhesive: { collection: 'adhesives', half: 'detail', List: Adhesives, Form: AdhesiveForm },
  swatch: { collection: 'swatches', half: 'detail', List: Swatches, Form: SwatchForm },
}
