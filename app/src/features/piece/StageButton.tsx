import { Button } from '@rneui/themed'
import { useMemo } from 'react'
import { useKeys } from '@/ui/useKeys'

type Props = { title: string; disabled?: boolean; onPress: () => void }

/** The button that marks the open stage done; the key `m` presses it, where it can be pressed. */
export function StageButton({ title, disabled = false, onPress }: Props) {
  useKeys(useMemo(() => (disabled ? {} : { m: onPress }), [disabled, onPress]))
  return <Button title={title} disabled={disabled} onPress={onPress} />
}
