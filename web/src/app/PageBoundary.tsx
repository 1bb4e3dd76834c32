import { Component, type ReactNode } from "react";
import { Button, Card, LinkButton, PageFrame } from "@/kit";

interface Props {
  /** The address that is shown: another one is tried anew. */
  readonly at: string;
  readonly children: ReactNode;
}

/** A page that fails leaves alarms and places where they are, and says what to do. */
export class PageBoundary extends Component<Props, { readonly failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override componentDidUpdate(before: Props) {
    if (before.at !== this.props.at && this.state.failed) {
      this.setState({ failed: false });
    }
  }

  override render() {
    if (!this.state.failed) {
      return this.props.children;
    }
    return (
      <PageFrame title="This page cannot be shown">
        <Card>
          <p>A fault in Mobrel. What was stored and typed is kept; a run goes on.</p>
          <div className="mt-4 flex flex-wrap gap-3">
            <Button look="main" onClick={() => location.reload()}>
              Load it again
            </Button>
            <LinkButton to="/stove">To the stove</LinkButton>
          </div>
        </Card>
      </PageFrame>
    );
  }
}
