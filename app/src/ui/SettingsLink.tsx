import { program as t } from '@thimble/language/en/program'
import { ThimbleIcon } from '@/drawing/ThimbleIcon'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from './RowLink'
import { Text } from './Text'

/** The thimble with its word, on every page. */
export function SettingsLink() {
  const p = usePalette()
  return (
    <RowLink
      href="/settings"
      style={{ minWidth: 52, minHeight: 48, marginRight: -6, justifyContent: 'center', alignItems: 'center' }}
    >
      <ThimbleIcon colour={p.ink} size={22} />
      <Text soft style={{ fontSize: 12, lineHeight: 15 }}>
        {t('settings')}
      </Text>
    </RowLink>
  )
}
