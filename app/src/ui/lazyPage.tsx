import { type ComponentType, lazy, Suspense } from 'react'

/** A page whose script is asked for when it is first shown; pages of one place share one, so that others need not fetch it. */
export function lazyPage<Props extends object>(load: () => Promise<ComponentType<Props>>): ComponentType<Props> {
  const Page = lazy(async () => ({ default: await load() })) as unknown as ComponentType<Props>
  return function LazyPage(props: Props) {
    return (
      <Suspense>
        <Page {...props} />
      </Suspense>
    )
  }
}
