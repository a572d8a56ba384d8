import type { CollectionName } from '@thimble/contract'
import { WhenThere } from '@/forms/WhenThere'
import { AdhesiveForm } from './AdhesiveForm'
import { BobbinForm } from './BobbinForm'
import { HoopForm } from './HoopForm'
import { MachineForm } from './MachineForm'
import { NeedleForm } from './NeedleForm'
import { SupplyForm } from './SupplyForm'
import { SwatchForm } from './SwatchForm'
import { ThreadForm } from './ThreadForm'

type Form = (props: { id: string }) => React.ReactNode

/** By the word in the address: what is kept of it, and its form. */
const forms: Readonly<Record<string, [collection: CollectionName, form: Form]>> = {
  machine: ['machines', MachineForm],
  hoop: ['hoops', HoopForm],
  supply: ['supplies', SupplyForm],
  thread: ['threads', ThreadForm],
  needle: ['needles', NeedleForm],
  bobbin: ['bobbins', BobbinForm],
  adhesive: ['adhesives', AdhesiveForm],
  swatch: ['swatches', SwatchForm],
}

/** One thing of the stash, or a new one. They share a route, as they share their fields and how stock is kept. */
export function ThingForm({ kind, id }: { kind: string; id: string }) {
  const [collection, Form] = forms[kind] ?? forms.supply!
  return (
    <WhenThere collection={collection} id={forms[kind] ? id : ''}>
      <Form key={id} id={id} />
    </WhenThere>
  )
}
