import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { RouterProvider } from "@tanstack/react-router";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { Problem } from "@/api/problem";
import { refresh } from "@/api/useChanged";
import { ToastShelf } from "@/kit/Toast";
import { deviceOutbox, OutboxProvider, onChange } from "@/stove";
import { router } from "./app/router";
import { applyTheme } from "./app/theme";
import "./app/theme.css";

applyTheme();

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // A refusal is an answer; only an unreachable server is worth asking again.
      retry: (count, error) => !(error instanceof Problem && error.status < 500) && count < 3,
      staleTime: 2_000,
    },
    mutations: { retry: false },
  },
});

// Whatever another device changes is asked for again here.
onChange((concept) => void refresh(queries, concept));

const outbox = deviceOutbox();

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <ToastShelf>
          <OutboxProvider outbox={outbox}>
            <RouterProvider router={router} />
          </OutboxProvider>
        </ToastShelf>
      </QueryClientProvider>
    </StrictMode>,
  );
}
