import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { titled } from './live/title';

/** The heading that a view has once it is drawn; what it says is also what the window is called. */
function headed(shopName: string, arrived: (heading: HTMLElement) => void): () => void {
  const within = new MutationObserver(look);
  const named = new MutationObserver(name);
  let heading: HTMLElement | null = null;
  function name() {
    titled(`${heading?.textContent.trim() ?? ''} · ${shopName}`);
  }
  function look() {
    heading = document.querySelector<HTMLElement>('main h1');
    if (heading) {
      within.disconnect();
      named.observe(heading, { childList: true, characterData: true, subtree: true });
      name();
      arrived(heading);
    }
  }
  const main = document.querySelector('main');
  if (main) {
    within.observe(main, { childList: true, subtree: true });
    look();
  }
  return () => {
    within.disconnect();
    named.disconnect();
  };
}

/** Whoever comes to a view is at its heading: a screen reader says it, and the keyboard goes on from there. */
export function Arrival({ shopName }: { shopName: string }) {
  const { pathname } = useLocation();
  return <At key={pathname} shopName={shopName} />;
}

/** Who opens the page begins at its top; the router counts the views from there. */
const isFirstView = (): boolean => ((window.history.state as { idx?: number } | null)?.idx ?? 0) === 0;

function At({ shopName }: { shopName: string }) {
  useEffect(() => {
    const from = document.activeElement;
    return headed(shopName, (heading) => {
      // Who has gone on to a field meanwhile stays there.
      if (!isFirstView() && (document.activeElement === from || document.activeElement === document.body)) {
        heading.tabIndex = -1;
        heading.focus({ preventScroll: true });
      }
    });
  }, [shopName]);
  return null;
}
