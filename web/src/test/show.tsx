import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import type { ReactNode } from "react";
import { Router } from "wouter";
import { memoryLocation } from "wouter/memory-location";
import { refresh } from "@/api/useChanged";
import { ToastShelf } from "@/kit/Toast";
import { deviceOutbox, OutboxProvider } from "@/stove";

/** Puts something on the screen as the application does: with its queries, its toasts and an address. */
export async function show(what: ReactNode) {
  cleanup();
  const queries = new QueryClient({
    defaultOptions: { queries: { retry: false }, mutations: { retry: false } },
  });
  const { hook, searchHook, history } = memoryLocation({ path: "/", record: true });
  const shown = render(
    <QueryClientProvider client={queries}>
      <ToastShelf>
        <OutboxProvider outbox={deviceOutbox(() => void refresh(queries, "runs"))}>
          <Router hook={hook} searchHook={searchHook}>
            {what}
          </Router>
        </OutboxProvider>
      </ToastShelf>
    </QueryClientProvider>,
  );
  return { ...shown, user: userEvent.setup(), queries, at: () => history.at(-1) };
}
