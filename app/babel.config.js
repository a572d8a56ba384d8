/** Imported for what they do on being evaluated. */
const WITH_EFFECTS = new Set(['expo', 'expo-asset', 'expo-router/entry'])

/**
 * A module is evaluated where it is first used, not where it is named: of the 1300 that the bench names, a start needs
 * half, and on a phone evaluating them is most of the wait.
 */
const lazyImports = (name) => !WITH_EFFECTS.has(name)

module.exports = (api) => {
  api.cache(true)
  return { presets: [['babel-preset-expo', { reanimated: false, worklets: false, lazyImports }]] }
}
