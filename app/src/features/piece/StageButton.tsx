import { Button } from '@rneui/themed'
import { useMemo } from 'react'
import { useKeys } from '@/ui/useKeys'

/** `plain`: something else is the usual next thing. */
type Props = { title: string; disabled?: boolean; plain?: boolean; onPress: () => void }

/** The button that marks the open stage done; the key `m` presses it, where it can be pressed. */
export function StageButton({ title, disabled = false, plain = false, onPress }: Props) {
  useKeys(useMemo(() => (disabled ? {} : { m: onPress }), [disabled, onPress]))
  return <Button type={plain ? 'outline' : 'solid'} title={title} disabled={disabled} onPress={() => onPress()} />
}
