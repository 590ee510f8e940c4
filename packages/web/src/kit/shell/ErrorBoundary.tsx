/** Catches what a page throws, so that one broken page is a sentence and not a white screen. Going elsewhere tries anew, and coming back too. */
import { Component, type ReactNode } from 'react';
import { useLocation } from 'react-router';
import { PageError } from './PageError.js';

interface CatcherProps {
  readonly at: string;
  readonly children: ReactNode;
}
interface CatcherState {
  readonly failed: boolean;
  readonly error: unknown;
  /** Where it failed; another address is tried. */
  readonly at: string;
}

class Catcher extends Component<CatcherProps, CatcherState> {
  override state: CatcherState = { failed: false, error: undefined, at: this.props.at };
  static getDerivedStateFromError(error: unknown): Partial<CatcherState> {
    return { failed: true, error };
  }
  static getDerivedStateFromProps({ at }: CatcherProps, state: CatcherState): CatcherState | null {
    return at === state.at ? null : { failed: false, error: undefined, at };
  }
  override render(): ReactNode {
    return this.state.failed ? <PageError error={this.state.error} /> : this.props.children;
  }
}

export function ErrorBoundary({ children }: { readonly children: ReactNode }) {
  return <Catcher at={useLocation().pathname}>{children}</Catcher>;
}
