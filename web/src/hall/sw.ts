/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core'
import { createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { NetworkFirst } from 'workbox-strategies'
import { NAMES, TAKE_OVER } from './names'

declare const self: ServiceWorkerGlobalScope

// The hall as it was installed. A new version waits until somebody is between lessons; see offline.ts.
precacheAndRoute(self.__WB_MANIFEST)
clientsClaim()
self.addEventListener('message', (event) => {
  if (event.data === TAKE_OVER) void self.skipWaiting()
})

registerRoute(new NavigationRoute(createHandlerBoundToURL('/hall.html'), { allowlist: [/^\/hall(\/|$)/] }))

// What the core computes with no network changes with the application alone.
registerRoute(
  ({ url }) => url.pathname === '/core/score.js',
  new NetworkFirst({ cacheName: 'isokinet-core' }),
)

// A figure is nobody's: once it was asked for it is there with no network.
registerRoute(
  ({ url, request }) => request.method === 'GET' && url.pathname === '/api/figures',
  new NetworkFirst({ cacheName: 'isokinet-figures', networkTimeoutSeconds: 3 }),
)

const kept = /^\/api\/(session|hall(\/[0-9a-f-]{36})?)$/

// What a lesson needs: the newest if the server answers soon, otherwise what was last there.
registerRoute(
  ({ url, request }) => request.method === 'GET' && kept.test(url.pathname),
  new NetworkFirst({
    cacheName: NAMES,
    networkTimeoutSeconds: 5,
    plugins: [
      {
        cacheWillUpdate: async ({ response }) => (response.status === 200 ? response : null),
        // A session that ended takes its names along.
        fetchDidSucceed: async ({ response }) => {
          if (response.status === 401) await caches.delete(NAMES)
          return response
        },
      },
    ],
  }),
)
