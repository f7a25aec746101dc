import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Autocomplete, Input, ListBox, ListBoxItem, SearchField } from 'react-aria-components';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { read } from '../api/client';
import type { FindView } from '../api/schema';
import { Press } from '../parts/Press';
import { Ask, Quiet } from '../parts/Sheet';

const Field = styled(SearchField)`
  display: block;
  input {
    width: 100%;
    min-height: 56px;
    font-size: 1.25rem;
    padding: 0.4rem 0.8rem;
    border: 2px solid ${({ theme }) => theme.ink};
    border-radius: 4px;
    background: #fff;
  }
`;

const Lines = styled(ListBox)`
  outline: none;
  min-height: 12rem;
`;

const Line = styled(ListBoxItem)`
  display: grid;
  grid-template-columns: 6.5rem minmax(0, 1fr);
  gap: 0 0.8rem;
  min-height: 56px;
  padding: 0.4rem 0.6rem;
  align-content: center;
  cursor: pointer;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  small {
    font-size: 0.92rem;
    overflow-wrap: anywhere;
  }
  > small {
    grid-row: span 2;
    font-family: ${({ theme }) => theme.label};
  }
  &[data-focused],
  &[data-hovered] {
    background: ${({ theme }) => theme.manila};
  }
`;

const Opener = styled(Press)`
  display: flex;
  align-items: center;
  gap: 0.6rem;
  kbd {
    font-family: ${({ theme }) => theme.label};
    border: 1px solid currentColor;
    border-radius: 3px;
    padding: 0 0.35rem;
  }
  @media (max-width: 900px) {
    kbd {
      display: none;
    }
  }
`;

/** Whether somebody is typing into a field, or has to answer something first. */
const isElsewhere = (target: EventTarget | null): boolean =>
  (target instanceof HTMLElement && target.closest('input, textarea, [contenteditable], [role="listbox"]') !== null) ||
  document.querySelector('[role="dialog"]') !== null;

/** From every page: type a word of what is looked for. `/` opens it. */
export function Find() {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.key === '/' && !event.ctrlKey && !event.metaKey && !event.altKey && !isElsewhere(event.target)) {
        event.preventDefault();
        setOpen(true);
      }
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
  return (
    <>
      <Opener onPress={() => setOpen(true)}>
        Find <kbd aria-hidden="true">/</kbd>
      </Opener>
      <Ask title="Find" isOpen={isOpen} onClose={() => setOpen(false)}>
        <Finding onFound={() => setOpen(false)} />
      </Ask>
    </>
  );
}

function Finding({ onFound }: { onFound: () => void }) {
  const navigate = useNavigate();
  const [words, setWords] = useState('');
  const asked = words.trim();
  const { data, error } = useQuery({
    queryKey: ['find', asked],
    queryFn: () => read<FindView>(`/api/find?words=${encodeURIComponent(asked)}`),
    enabled: asked !== '',
    // While the next answer is on its way the last one stays: nothing flickers under the typing.
    placeholderData: (before) => before,
    staleTime: 0,
  });
  const lines = asked === '' ? [] : (data?.lines ?? []);
  const go = (page: string) => {
    onFound();
    void navigate(page);
  };
  return (
    <>
      <Autocomplete inputValue={words} onInputChange={setWords}>
        <Field aria-label="What is looked for">
          <Input ref={(input) => input?.focus()} />
        </Field>
        <Lines
          aria-label="Found"
          onAction={(page) => go(String(page))}
          renderEmptyState={() => <Nothing asked={asked} isKnown={data !== undefined} isTrouble={Boolean(error)} />}
        >
          {lines.map((line) => (
            <Line key={line.page} id={line.page} textValue={line.title}>
              <small>{line.isOver ? `${line.kind}, past` : line.kind}</small>
              <b>{line.title}</b>
              <small>{line.about}</small>
            </Line>
          ))}
        </Lines>
      </Autocomplete>
      {data?.isStillRead ? <Quiet>Older records are still being read: there may be more in a moment.</Quiet> : null}
    </>
  );
}

function Nothing({ asked, isKnown, isTrouble }: { asked: string; isKnown: boolean; isTrouble: boolean }) {
  if (isTrouble) {
    return <Quiet>The shop’s server does not answer. Type on to try again.</Quiet>;
  }
  if (asked === '') {
    return (
      <Quiet>
        A job’s number, a client, a maker, a steel, a handle, a word of a note, a bar, a billet, a fire: also of what
        was delivered long ago.
      </Quiet>
    );
  }
  return isKnown ? <Quiet>Nothing has a word that begins with “{asked}”.</Quiet> : null;
}
