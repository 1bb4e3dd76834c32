import { useQueryClient } from "@tanstack/react-query";
import { X } from "lucide-react";
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import { Button } from "./Button";

interface Message {
  readonly text: string;
  readonly action?: { readonly text: string; readonly run: () => void };
}

export const ToastContext = createContext<(message: Message | undefined) => void>(() => undefined);

/** Says that something was done, with the way back where there is one; undefined takes away what is said. */
export function useToast() {
  return useContext(ToastContext);
}

const SHOWN_FOR_MS = 8_000;

export function ToastShelf({ children }: { readonly children: ReactNode }) {
  const [message, setMessage] = useState<Message | undefined>();
  const timer = useRef(0);
  const changes = useQueryClient().getMutationCache();
  // A way back leads behind what was done last: the next change takes it away.
  useEffect(
    () =>
      changes.subscribe(
        (event) =>
          event.type === "updated" &&
          event.action.type === "pending" &&
          setMessage((shown) => (shown?.action ? undefined : shown)),
      ),
    [changes],
  );
  const show = useCallback((next: Message | undefined) => {
    window.clearTimeout(timer.current);
    setMessage(next);
    // A way back stays until the next change, or until it is not wanted.
    if (next && !next.action) {
      timer.current = window.setTimeout(() => setMessage(undefined), SHOWN_FOR_MS);
    }
  }, []);
  const value = useMemo(() => show, [show]);
  return (
    <ToastContext value={value}>
      {children}
      <div
        role="status"
        className="fixed inset-x-0 bottom-24 z-20 mx-auto flex w-fit max-w-[92vw] md:bottom-6"
      >
        {message && (
          <div className="flex items-center gap-3 rounded-box bg-ink py-2 pr-2 pl-5 font-semibold text-paper">
            <span>{message.text}</span>
            {message.action && (
              <Button
                size="small"
                onClick={() => {
                  message.action?.run();
                  setMessage(undefined);
                }}
              >
                {message.action.text}
              </Button>
            )}
            <button
              type="button"
              className="flex size-11 shrink-0 items-center justify-center rounded-field"
              aria-label="Close"
              onClick={() => setMessage(undefined)}
            >
              <X size={22} aria-hidden="true" />
            </button>
          </div>
        )}
      </div>
    </ToastContext>
  );
}
