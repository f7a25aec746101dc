import { useEffect, useState, type ComponentType } from 'react';
import { Press } from './Press';
import { Quiet, Trouble } from './Sheet';

/** A page, and how it is fetched before it is shown. */
export type FetchedPage = ComponentType & { fetch: () => Promise<ComponentType> };

/**
 * A page that is fetched when it is first opened. React’s own lazy pages wait 300 ms before they show, once a line has
 * stood in for them.
 */
export function fetched(load: () => Promise<{ default: ComponentType }>): FetchedPage {
  let known: ComponentType | undefined;
  const fetch = async () => {
    known ??= (await load()).default;
    return known;
  };
  function Fetched() {
    const [Page, setPage] = useState(() => known);
    const [isLost, setLost] = useState(false);
    useEffect(() => {
      if (!Page) {
        fetch().then(
          (page) => setPage(() => page),
          () => setLost(true),
        );
      }
    }, [Page]);
    if (isLost) {
      return (
        <Trouble role="alert">
          This page could not be fetched. <Press onPress={() => window.location.reload()}>Try again</Press>
        </Trouble>
      );
    }
    return Page ? <Page /> : <Quiet>One moment…</Quiet>;
  }
  return Object.assign(Fetched, { fetch });
}
