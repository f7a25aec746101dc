import 'styled-components';
import type { Theme } from './theme';

declare module 'styled-components' {
  // The package asks for this interface to be extended.
  export interface DefaultTheme extends Theme {
    readonly paper: Theme['paper'];
  }
}
