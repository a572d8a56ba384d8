// The service worker that opens the app while the server is away: the shell only, never the data.
import path from 'node:path'

export async function writeOfflineShell(site) {
  const { generateSW } = await import('workbox-build')
  const { warnings } = await generateSW({
    globDirectory: site,
    globPatterns: ['**/*.{html,js,ttf,woff2,png,ico}'],
    swDest: path.join(site, 'sw.js'),
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    cleanupOutdatedCaches: true,
    skipWaiting: true,
    clientsClaim: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
  })
  for (const warning of warnings) console.log(warning)
}
