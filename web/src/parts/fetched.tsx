import { useEffect, useState, type ComponentType } from 'react';
import { Press } from './Press';
import { Quiet, Trouble } from './Sheet';

/**
 * A page that is fetched when it is first opened. React’s own lazy pages wait 300 ms before they show, once a line has
 * stood in for them.
 */
export function fetched(fetch: () => Promise<{ default: ComponentType }>): ComponentType {
  let known: ComponentType | undefined;
  return function Fetched() {
    const [Page, setPage] = useState(() => known);
    const [isLost, setLost] = useState(false);
    useEffect(() => {
      if (!known) {
        fetch().then(
          (page) => {
            known = page.default;
            setPage(() => page.default);
          },
          () => setLost(true),
        );
      }
    }, []);
    if (isLost) {
      return (
        <Trouble role="alert">
          This page could not be fetched. <Press onPress={() => window.location.reload()}>Try again</Press>
        </Trouble>
      );
    }
    return Page ? <Page /> : <Quiet>One moment…</Quiet>;
  };
}
