const fs = require('fs')
const path = require('path')
const { getDefaultConfig } = require('expo/metro-config')

const config = getDefaultConfig(__dirname)
const stub = (name) => ({ type: 'sourceFile', filePath: path.join(__dirname, 'stubs', name) })

/**
 * What a package names but the app never calls, and what stands in its place: `of` is the name asked for, `by` who asks
 * (anyone, where it is left out). What is taken up is taken off here.
 */
const NOT_SHIPPED = [
  // The interface library asks for every icon family by name; one family ships.
  { of: /^@?react-native-vector-icons\/(?!feather$)/, as: 'noIcons.js' },
  // Its components come all at once.
  {
    of: /^\.\/(AirbnbRating|Avatar|Badge|BottomSheet|ButtonGroup|Card|Chip|Dialog|FAB|Header|LinearProgress|ListItem|Overlay|PricingCard|Rating|SearchBar|Skeleton|Slider|SocialIcon|SpeedDial|Switch|Tab|TabView|Tile|Tooltip)$/,
    by: /@rneui\/(themed|base)\/dist\/index\.js$/,
  },
  { of: /^color$/, by: /@rneui\/base\/dist\//, as: 'shades.js' },
  { of: /^fontfaceobserver$/, as: 'fontObserver.js' },
  { of: /^react-native-screens$/, as: 'noScreens.js' },
  // Messages are our own, so the validation package's forty languages are not shipped; nor its JSON schemas and compiler.
  { of: /locales\/index\.c?js$/, by: /zod\/v4\/(core|locales|classic)/ },
  {
    of: /^\.\.?\/(core\/)?(to-json-schema|json-schema-processors|json-schema-generator|from-json-schema|compile)\.js$/,
    by: /zod\/v4\/(core|classic)\//,
  },
  // The router's navigators, headers, tabs and previews: the app has one Slot, its own bars and its own pages for errors.
  {
    of: /^\.\.?\/(stack|stack-utils|link|link\/Link|color|layouts\/Tabs|layouts\/experimental-stack|standard-navigation|(views\/)?(Sitemap|useSitemap|Unmatched|ErrorBoundary|Toast))$/,
    by: /expo-router\/build\/(index|exports|ExpoRoot|getRoutes|getRoutesRedirects|views\/\w+|layouts\/StackClient)\.js$/,
  },
  { of: /native-stack\/createNativeStackNavigator$/, as: 'noNavigator.js' },
  // Lists that draw only what is in sight, and controls that nothing here shows.
  {
    of: /\/(FlatList|SectionList|VirtualizedList|DrawerLayoutAndroid|RefreshControl|Switch|CheckBox|ProgressBar|Modal|ImageBackground|AnimatedFlatList|AnimatedSectionList|TouchableNativeFeedback)$/,
    by: /react-native-web\/dist\/(index|vendor\/react-native\/Animated\/Animated)\.js$/,
  },
  // Transforms read for phones, where a browser reads its own; and drawings that come as files.
  { of: /^\.\/transform(ToRn)?$/, by: /react-native-svg\/.*\/extractTransform\.[jt]s$/ },
  { of: /^\.\/xml$/, by: /react-native-svg\/.*\/ReactNativeSVG\.web\.[jt]s$/ },
  // Colour spaces that neither a page nor an artwork names.
  {
    of: /^\.\/(cubehelix|dlab|dlch|hsi|itp|jab|jch|lchuv|luv|okhsl|okhsv|xyb|yiq)\/\w+\.js$/,
    by: /culori\/src\/index-fn\.js$/,
  },
  // Dates by their weeks and by how long ago: neither is said here.
  { of: /^\.\/en-US\/_lib\/(formatDistance|formatRelative)\.js$/, by: /date-fns\/locale\/en-US\.js$/ },
  {
    of: /^\.\.\/\.\.\/get(DayOfYear|ISOWeek|ISOWeekYear|Week|WeekYear)\.js$/,
    by: /date-fns\/_lib\/format\/formatters\.js$/,
  },
  // What is done with many colours at once; nothing here does.
  {
    of: /^\.\/(deficiency|filter|blend|average|random|samples|nearest|map|interpolate\/(interpolate|spline\w+|lerp|piecewise))\.js$/,
    by: /culori\/src\/index-fn\.js$/,
  },
]

/** What has another name here than where it is asked for. */
const INSTEAD = {
  '@react-native-vector-icons/feather': '@expo/vector-icons/Feather',
  // The PDF writer's helpers come as a mixed module that loses its exports on the way; its plain form keeps them.
  tslib: require.resolve('tslib/tslib.es6.js'),
  culori: path.join(__dirname, 'stubs/colourSpaces.js'),
  // One maker of ids for the router and for ours.
  'nanoid/non-secure': require.resolve('nanoid'),
}

/** A rule that nothing meets any more leaves out nothing, and nobody would notice: the build fails (tools/build). */
const unmet = new Set([...NOT_SHIPPED.map(({ of }) => String(of)), ...Object.keys(INSTEAD)])

/** Each that was asked for and left out, and by which package: none of its own may be called (tools/stubsCalled). */
const leftOut = []
const packageOf = (file) => /node_modules\/((?:@[^/]+\/)?[^/]+)\/(?!.*node_modules\/)/.exec(file)?.[1]

config.resolver.resolveRequest = (context, name, platform) => {
  const left = NOT_SHIPPED.find(({ of, by }) => of.test(name) && (!by || by.test(context.originModulePath)))
  unmet.delete(left ? String(left.of) : name)
  if (left) leftOut.push({ of: name, by: packageOf(context.originModulePath) })
  if (left) return stub(left.as ?? 'notCalled.js')
  return context.resolveRequest(context, INSTEAD[name] ?? name, platform)
}

// A module is evaluated where it is first used, not where it is named: a start on a slow phone needs a third of them.
config.transformer.getTransformOptions = async () => ({ transform: { inlineRequires: true } })

// Which packages ship, for the notices that go with them (tools/notices).
const shipped = new Set()
const asBefore = config.serializer.processModuleFilter
config.serializer.processModuleFilter = (module) => {
  const name = packageOf(module.path)
  if (name) shipped.add(name)
  return asBefore ? asBefore(module) : true
}
process.on('exit', () => {
  if (shipped.size === 0) return
  const folder = path.join(__dirname, '.expo')
  fs.mkdirSync(folder, { recursive: true })
  fs.writeFileSync(path.join(folder, 'shipped.json'), JSON.stringify([...shipped].sort()))
  fs.writeFileSync(path.join(folder, 'notShipped.json'), JSON.stringify({ unmet: [...unmet], leftOut }))
})

module.exports = config
