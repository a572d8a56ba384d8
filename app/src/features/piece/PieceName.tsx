import type { Piece } from '@thimble/contract'
import { isValid, parseISO } from 'date-fns'
import { useState } from 'react'
import { View } from 'react-native'
import { patch } from '@/state/store'
import { Field } from '@/ui/Field'
import { Heading } from '@/ui/Words'

/** What the piece is called, for whom, and when it is due; what cannot be kept stays typed and is not sent. */
export function PieceName({ piece }: { piece: Piece }) {
  const [name, setName] = useState(piece.name)
  const [due, setDue] = useState(piece.due ?? '')
  const dueProblem = due.trim() !== '' && !(/^\d{4}-\d\d-\d\d$/.test(due.trim()) && isValid(parseISO(due.trim()))) ? 'Write the date as 2026-11-30.' : null
  const set = (body: object): void => patch('pieces', piece.id, body)
  return (
    <View style={{ gap: 12 }}>
      <Heading level={2}>About this piece</Heading>
      <Field label="Name" value={name} problem={name.trim() === '' ? 'A piece needs a name.' : name.length > 120 ? 'Keep it under 120 characters.' : null}
        onChange={(text) => { setName(text); if (text.trim() !== '' && text.length <= 120) set({ name: text.trim() }) }} />
      <Field label="For whom" value={piece.customer} onChange={(customer) => set({ customer: customer.slice(0, 120) })} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <Field half label="Run" value={piece.run} placeholder="3 of 12" onChange={(run) => set({ run: run.slice(0, 120) })} />
        <Field half label="Due" value={due} placeholder="2026-11-30" problem={dueProblem}
          onChange={(text) => {
            setDue(text)
            if (text.trim() === '') set({ due: null })
            else if (/^\d{4}-\d\d-\d\d$/.test(text.trim()) && isValid(parseISO(text.trim()))) set({ due: text.trim() })
          }} />
      </View>
    </View>
  )
}
