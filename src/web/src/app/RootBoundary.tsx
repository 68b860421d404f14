import { Component, type ReactNode } from 'react';
import { BrokenScreen } from '../shared/BrokenScreen';

/** What breaks outside every room ends here, instead of in an empty page. */
export class RootBoundary extends Component<{ children: ReactNode }, { error: unknown }> {
  state = { error: null };

  static getDerivedStateFromError(error: unknown) {
    return { error };
  }

  render() {
    return this.state.error === null ? this.props.children : <BrokenScreen error={this.state.error} />;
  }
}
