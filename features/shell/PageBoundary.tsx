import { Component, type ReactNode } from 'react';

import { RescuePage } from './RescuePage';

/**
 * Keeps a fault in one page from taking the others along. Shows what can still be done; another page gets another boundary,
 * by its key.
 */
export class PageBoundary extends Component<
  {
    readonly children: ReactNode;
    /** In place of drawing the same once more. */
    readonly onAgain?: () => void;
  },
  { readonly fault: Error | null }
> {
  override state: { readonly fault: Error | null } = { fault: null };

  static getDerivedStateFromError(fault: unknown) {
    return { fault: fault instanceof Error ? fault : new Error(String(fault)) };
  }

  override render() {
    const { fault } = this.state;
    const { children, onAgain } = this.props;
    return fault ? (
      <RescuePage fault={fault} onAgain={onAgain ?? (() => this.setState({ fault: null }))} />
    ) : (
      children
    );
  }
}
