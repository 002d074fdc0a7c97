import { Component, type ReactNode } from 'react';

interface Props {
  readonly children: ReactNode;
  /** What is shown in place of what broke: what it is, and what can be done about it. */
  readonly fallback: (error: unknown) => ReactNode;
}

/** Keeps what breaks to itself: one bad record takes down no list, one part no screen. */
export class Boundary extends Component<
  Props,
  { readonly error: unknown; readonly broke: boolean }
> {
  override state = { error: null, broke: false };

  static getDerivedStateFromError(error: unknown) {
    return { error, broke: true };
  }

  override render(): ReactNode {
    return this.state.broke ? this.props.fallback(this.state.error) : this.props.children;
  }
}
