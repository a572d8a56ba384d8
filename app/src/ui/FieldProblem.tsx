import { Words } from './Words'

/** The sentence beside a field that cannot be taken as it is. */
export const FieldProblem = ({ id, children }: { id: string; children: string }) => (
  <Words nativeID={id} role="alert" tone="madder" style={{ fontSize: 15, lineHeight: 20, marginTop: 2 }}>
    {children}
  </Words>
)
