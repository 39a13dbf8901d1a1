import { Component, type ReactNode } from "react";
import { Button } from "../parts/controls";
import { words } from "../words";

/** Where a part of the interface could not be fetched: the program does not answer. Says so, and tries again when asked. */
export class Boundary extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    return this.state.failed ? (
      <div role="alert" className="flex flex-col items-start gap-3">
        <p>{words.gone}</p>
        <Button onClick={() => location.reload()}>{words.tryAgain}</Button>
      </div>
    ) : (
      this.props.children
    );
  }
}
