/** A clock that a browser does not slow down when the page is in the background. */
setInterval(() => postMessage("tick"), 1_000);
