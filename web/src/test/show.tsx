import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import {
  createMemoryHistory,
  createRootRoute,
  createRoute,
  createRouter,
  RouterProvider,
} from "@tanstack/react-router";
import { cleanup, render } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import type { ReactNode } from "react";
import { ToastShelf } from "@/kit/Toast";
import { deviceOutbox, OutboxProvider } from "@/stove";

/** Puts something on the screen as the application does: with its queries, its toasts and a place in the router. */
export async function show(what: ReactNode) {
  cleanup();
  const queries = new QueryClient({
    defaultOptions: { queries: { retry: false }, mutations: { retry: false } },
  });
  const root = createRootRoute();
  const here = createRoute({ getParentRoute: () => root, path: "/", component: () => what });
  const elsewhere = createRoute({ getParentRoute: () => root, path: "$", component: () => null });
  const router = createRouter({
    routeTree: root.addChildren([here, elsewhere]),
    history: createMemoryHistory({ initialEntries: ["/"] }),
  });
  await router.load();
  const shown = render(
    <QueryClientProvider client={queries}>
      <ToastShelf>
        <OutboxProvider outbox={deviceOutbox()}>
          <RouterProvider router={router as never} />
        </OutboxProvider>
      </ToastShelf>
    </QueryClientProvider>,
  );
  return { ...shown, user: userEvent.setup(), queries, router };
}
