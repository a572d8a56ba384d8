import { WhenThere } from '@/forms/WhenThere'
import { things } from './things'

/** One thing of the stash, or a new one. They share a route, as they share their fields and how stock is kept. */
export function ThingForm({ kind, id }: { kind: string; id: string }) {
  const { collection, Form } = things[kind] ?? things.supply!
  return (
    <WhenThere collection={collection} id={things[kind] ? id : ''}>
      <Form key={id} id={id} />
    </WhenThere>
  )
}
