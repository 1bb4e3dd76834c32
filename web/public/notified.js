// Part of the service worker: a notification that is touched opens the stove, in the page that is there or in a new one.
self.addEventListener("notificationclick", (event) => {
  event.notification.close();
  event.waitUntil(
    self.clients.matchAll({ type: "window", includeUncontrolled: true }).then((pages) => {
      const page = pages[0];
      page?.postMessage("to-the-stove");
      return page ? page.focus() : self.clients.openWindow("/stove");
    }),
  );
});
