import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { recallKitchen } from "@/api/edition";
import { keepQueries } from "@/api/keptQueries";
import { Problem } from "@/api/problem";
import { refresh } from "@/api/useChanged";
import { ToastShelf } from "@/kit/Toast";
import { deviceOutbox, OutboxProvider, onChange } from "@/stove";
import { loadEveryPage } from "./app/pages";
import { Shell } from "./app/Shell";
import { applyTheme } from "./app/theme";
import { watchForUpdates, whenIdle } from "./app/updates";
import "./app/theme.css";

applyTheme();

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // A refusal is an answer; only an unreachable server is worth asking again.
      retry: (count, error) => !(error instanceof Problem && error.status < 500) && count < 3,
      staleTime: 2_000,
      // A machine without a network still has a kitchen: whether it can be reached is found out by asking.
      networkMode: "always",
    },
    mutations: { retry: false, networkMode: "always" },
  },
});

// Whatever another device changes is asked for again here.
onChange((concept) => void refresh(queries, concept));

const outbox = deviceOutbox(() => void refresh(queries, "runs"));

void watchForUpdates();
whenIdle(() => void loadEveryPage());
keepQueries(queries);

const STORAGE_PATIENCE_MS = 1_000;

const root = document.getElementById("root");
if (root) {
  // A browser whose storage does not answer shows the pages all the same.
  const patience = new Promise((over) => setTimeout(over, STORAGE_PATIENCE_MS));
  void Promise.race([recallKitchen(), patience]).finally(() =>
    createRoot(root).render(
      <StrictMode>
        <QueryClientProvider client={queries}>
          <ToastShelf>
            <OutboxProvider outbox={outbox}>
              <Shell />
            </OutboxProvider>
          </ToastShelf>
        </QueryClientProvider>
      </StrictMode>,
    ),
  );
}
