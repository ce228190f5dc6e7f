import { Component } from 'react';
import type { ErrorInfo, ReactNode } from 'react';
import { Notice } from './Notice.tsx';

interface CatchProps {
  readonly name: string;
  readonly children: ReactNode;
}

/** Keeps what breaks in one panel from taking the page with it. */
export class Catch extends Component<CatchProps, { readonly message: string | null }> {
  override state = { message: null };

  static getDerivedStateFromError(error: unknown): { message: string } {
    return { message: error instanceof Error ? error.message : String(error) };
  }

  override componentDidCatch(error: unknown, { componentStack }: ErrorInfo): void {
    console.error(this.props.name, error, componentStack);
  }

  override render(): ReactNode {
    if (this.state.message === null) return this.props.children;
    return (
      <Notice>
        <p>
          <b>{this.props.name}</b> could not be shown: {this.state.message}. Nothing is lost; the
          rest of the page works.
        </p>
        <button
          type="button"
          className="min-h-11 font-semibold underline"
          onClick={() => this.setState({ message: null })}
        >
          Try again
        </button>
      </Notice>
    );
  }
}

interface PanelProps {
  readonly name: string;
  /** Whether the name stands above it, or only names it for those who cannot see it. */
  readonly isTitled?: boolean;
  readonly className?: string;
  readonly children: ReactNode;
}

/** A part of a screen that stands on its own. */
export function Panel({ name, isTitled = false, className = '', children }: PanelProps) {
  return (
    <section aria-label={name} className={`min-w-0 panel p-3 ${className}`}>
      {isTitled && <h2 className="mb-1 text-lg">{name}</h2>}
      <Catch name={name}>{children}</Catch>
    </section>
  );
}
