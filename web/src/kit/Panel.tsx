import { type ReactNode, useEffect, useRef } from "react";

interface Props {
  /** What Escape does; nothing where there is no way back. */
  readonly onClose?: (() => void) | undefined;
  /** What has the focus once it is closed; the page where there is nothing. */
  readonly back?: () => HTMLElement | null | undefined;
  readonly className?: string;
  readonly children: ReactNode;
}

/** What opens in the place of buttons that had the focus: it takes the focus, closes with Escape, and leaves nobody at the top of the page. */
export function Panel({ onClose, back, className = "", children }: Props) {
  const panel = useRef<HTMLDivElement>(null);
  const then = useRef(back);
  then.current = back;
  useEffect(() => {
    const focused = document.activeElement;
    if (focused === document.body || focused === null) {
      panel.current?.focus();
    }
    return () => {
      requestAnimationFrame(() => {
        if (document.activeElement === document.body) {
          (then.current?.() ?? document.getElementById("page"))?.focus();
        }
      });
    };
  }, []);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: Escape is for whatever has the focus within
    <div
      ref={panel}
      tabIndex={-1}
      className={`outline-none ${className}`}
      onKeyDown={(event) => {
        if (event.key === "Escape" && onClose) {
          event.stopPropagation();
          onClose();
        }
      }}
    >
      {children}
    </div>
  );
}
