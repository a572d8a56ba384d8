const path = require('path')
const { getDefaultConfig } = require('expo/metro-config')

const config = getDefaultConfig(__dirname)
const stub = (name) => ({ type: 'sourceFile', filePath: path.join(__dirname, 'stubs', name) })

// The interface library asks for every icon family by name; one family ships, the others are empty.
const ICON_FAMILY = /^@?react-native-vector-icons\//
const SHIPPED_ICONS = '@react-native-vector-icons/feather'
// Its components come all at once; those used here ship, the others are empty. One that is taken up is taken off here.
const UNUSED_PARTS =
  /^\.\/(AirbnbRating|Avatar|Badge|BottomSheet|ButtonGroup|Card|Chip|Dialog|FAB|Header|LinearProgress|ListItem|Overlay|PricingCard|Rating|SearchBar|Skeleton|Slider|SocialIcon|SpeedDial|Switch|Tab|TabView|Tile|Tooltip)$/
const INTERFACE_LIBRARY = /@rneui\/(themed|base)\/dist\/index\.js$/
// Needed only to satisfy peers on phones; nothing here animates through them on the web.
const NATIVE_ONLY = /^react-native-(reanimated|worklets)(\/|$)/
// Messages are our own; the validation package's forty languages are not shipped.
const ZOD_LOCALES = /zod\/v4\/(core|locales|classic)/

// The PDF writer's helpers come as a mixed module that loses its exports on the way; its plain form keeps them.
const PDF_HELPERS = 'tslib'

config.resolver.resolveRequest = (context, name, platform) => {
  if (name === SHIPPED_ICONS) return context.resolveRequest(context, '@expo/vector-icons/Feather', platform)
  if (ICON_FAMILY.test(name)) return stub('noIcons.js')
  if (UNUSED_PARTS.test(name) && INTERFACE_LIBRARY.test(context.originModulePath)) return stub('noParts.js')
  if (platform === 'web' && NATIVE_ONLY.test(name)) return stub('notOnWeb.js')
  if (/locales\/index\.(js|cjs)$/.test(name) && ZOD_LOCALES.test(context.originModulePath)) return stub('noLocales.js')
  if (name === PDF_HELPERS) return { type: 'sourceFile', filePath: require.resolve('tslib/tslib.es6.js') }
  return context.resolveRequest(context, name, platform)
}

// Gestures look components up by class name, so the minifier must leave those alone.
config.transformer.minifierConfig = { ...config.transformer.minifierConfig, keep_classnames: true }

// A module is evaluated where it is first used, not where it is named: a start on a slow phone needs a third of them.
config.transformer.getTransformOptions = async () => ({ transform: { inlineRequires: true } })

module.exports = config
