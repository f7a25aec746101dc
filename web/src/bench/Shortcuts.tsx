import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import { Press } from '../parts/Press';
import { Ask } from '../parts/Sheet';

export interface Shortcut {
  key: string;
  words: string;
  /** Absent while it would do nothing. */
  run?: () => void;
}

const Keys = styled.dl`
  margin: 0;
  display: grid;
  grid-template-columns: 3rem 1fr;
  gap: 0.5rem;
  dd {
    margin: 0;
  }
  dt {
    font-weight: 700;
    border: 1.5px solid ${({ theme }) => theme.ink};
    border-radius: 4px;
    text-align: center;
  }
`;

/** Keys for the bench; `?` shows them. Typing into a field is never taken for a shortcut. */
export function Shortcuts({ keys }: { keys: readonly Shortcut[] }) {
  const [isShown, setShown] = useState(false);
  useEffect(() => {
    function pressed(event: KeyboardEvent) {
      const at = event.target instanceof HTMLElement ? event.target : document.body;
      const isBusyElsewhere =
        at.closest('input:not([type="checkbox"]), textarea, [role="dialog"], [role="listbox"]') !== null ||
        document.querySelector('[role="dialog"]') !== null;
      if (isBusyElsewhere || event.ctrlKey || event.metaKey || event.altKey) {
        return;
      }
      if (event.key === '?') {
        setShown(true);
      } else {
        keys.find((shortcut) => shortcut.key === event.key)?.run?.();
      }
    }
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, [keys]);
  return (
    <>
      <Press data-large aria-label="Keys" onPress={() => setShown(true)}>
        ?
      </Press>
      <Ask title="Keys at the bench" isOpen={isShown} onClose={() => setShown(false)}>
        <Keys>
          {keys.map((shortcut) => (
            <Key key={shortcut.key} shortcut={shortcut} />
          ))}
        </Keys>
        <Press data-large onPress={() => setShown(false)}>
          Close
        </Press>
      </Ask>
    </>
  );
}

function Key({ shortcut }: { shortcut: Shortcut }) {
  return (
    <>
      <dt>{shortcut.key}</dt>
      <dd>
        {shortcut.words}
        {shortcut.run ? '' : ' (not now)'}
      </dd>
    </>
  );
}
