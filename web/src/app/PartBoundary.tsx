import { Component, type ContextType, type ReactNode } from "react";
import { ToastContext } from "@/kit";

interface Props {
  /** Takes it away again. */
  readonly onFailed: () => void;
  readonly children: ReactNode;
}

/** What lies over a page and fails goes away and says so; page, places and alarms stay. */
export class PartBoundary extends Component<Props, { readonly failed: boolean }> {
  static override contextType = ToastContext;
  declare context: ContextType<typeof ToastContext>;
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override componentDidCatch() {
    this.context({ text: "This cannot be opened now. Load the page again." });
    this.props.onFailed();
  }

  override render() {
    return this.state.failed ? null : this.props.children;
  }
}
