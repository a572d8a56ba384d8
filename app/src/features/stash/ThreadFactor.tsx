import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import { useEffect, useState } from 'react'
import { ask } from '@/http/client'
import { patchShop } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import { factorText, reckonedText } from '@/words/threadNeeds'

type Factor = { factor: number; interval: [number, number] | null; weighings: number }

const hundredths = (value: number): number => Math.round(value * 100) / 100

/** How much thread the shop's machines really take, learned from spools weighed twice; counted with when the worker says so. */
export function ThreadFactor() {
  const reckoned = useDocuments((s) => s.shop.threadFactor)
  const [found, setFound] = useState<Factor | null>(null)
  useEffect(() => {
    ask<Factor | null>('/thread-factor').then(setFound, () => undefined)
  }, [])
  if (!found && reckoned === 1) return null
  const learned = found && hundredths(found.factor)
  return (
    <Fold
      title={t('thread-forecast')}
      answer={reckoned === 1 ? (learned ? t('learned', { learned }) : t('as-worked-out')) : `${reckoned} ×`}
    >
      {found ? <Text>{factorText(found)}</Text> : null}
      <Text soft>{reckonedText(reckoned)}</Text>
      {learned && learned !== reckoned ? (
        <Button type="outline" title={t('use', { learned })} onPress={() => patchShop({ threadFactor: learned })} />
      ) : null}
      {reckoned === 1 ? null : (
        <Button type="outline" title={t('use-the-forecast-alone')} onPress={() => patchShop({ threadFactor: 1 })} />
      )}
    </Fold>
  )
}
