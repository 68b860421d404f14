// What only the server answers goes to it past the service worker. Each request would wake the worker or keep it awake, and a newer one
// takes its place only once it rests: a page that talks with its server all the time would hold up its own update.
self.addEventListener('install', (event) => {
  const routes = ['/api/*', '/openapi/*'].map((pathname) => ({
    condition: { urlPattern: new URLPattern({ pathname, baseURL: self.location.href }) },
    source: 'network',
  }));
  // Not every browser has routes; without them the requests pass through the worker, as unknown to it.
  if (event.addRoutes) event.addRoutes(routes);
});
