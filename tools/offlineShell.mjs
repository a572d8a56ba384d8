// The service worker that opens the app while the server is away: the shell only, never the data.
import path from 'node:path'

export async function writeOfflineShell(site) {
  const { generateSW } = await import('workbox-build')
  const { warnings } = await generateSW({
    globDirectory: site,
    globPatterns: ['**/*.{html,js,ttf,woff2,png,ico,webmanifest}'],
    // The printing parts are large and seldom wanted: kept once they were asked for.
    globIgnores: ['**/templatePdf-*.js', 'pair/**'],
    runtimeCaching: [{ urlPattern: /\/templatePdf-[^/]*\.js$/, handler: 'CacheFirst' }],
    swDest: path.join(site, 'sw.js'),
    navigateFallback: '/index.html',
    // The way in is asked of the server: it knows who is in.
    navigateFallbackDenylist: [/^\/api\//, /^\/pair(\/|$)/],
    cleanupOutdatedCaches: true,
    // A newer shell waits until the worker at the bench takes it: a page at work keeps the parts it was made of.
    skipWaiting: false,
    clientsClaim: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
  })
  for (const warning of warnings) console.log(warning)
}
