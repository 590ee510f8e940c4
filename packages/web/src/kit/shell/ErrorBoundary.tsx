/** Catches what a page throws, so that one broken page is a sentence and not a white screen. Another address is tried anew. */
import { Component, type ReactNode } from 'react';
import { useLocation } from 'react-router';
import { PageError } from './PageError.js';

class Catcher extends Component<
  { readonly at: string; readonly children: ReactNode },
  { readonly failedAt?: string }
> {
  override state: { readonly failedAt?: string } = {};
  static getDerivedStateFromError(): { readonly failedAt: string } {
    return { failedAt: location.pathname };
  }
  override render(): ReactNode {
    return this.state.failedAt === this.props.at ? <PageError /> : this.props.children;
  }
}

export function ErrorBoundary({ children }: { readonly children: ReactNode }) {
  return <Catcher at={useLocation().pathname}>{children}</Catcher>;
}
