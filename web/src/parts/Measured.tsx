import { useRef, useState, useSyncExternalStore } from 'react';
import { flushSync } from 'react-dom';
import { useFocusWithin } from 'react-aria';
import { styled } from 'styled-components';
import { Entry, type EntryProps } from './Entry';
import { Press } from './Press';
import { spokenSize, useSpeech } from './speech';

const Around = styled.div`
  min-width: 0;
`;

const Keys = styled.div`
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 0.35rem;
  max-width: 22rem;
  margin-top: 0.3rem;
  button {
    min-height: 56px;
    padding: 0.2rem;
    font-size: 1.35rem;
    font-variant-numeric: tabular-nums;
  }
  [data-wide] {
    grid-column: span 2;
    font-size: 1.1rem;
  }
  @media print {
    display: none;
  }
`;

/** A finger, or a page too narrow for a keyboard that covers half of it. */
const BY_THUMB = '(pointer: coarse), (max-width: 620px)';

function watch(changed: () => void): () => void {
  const media = window.matchMedia(BY_THUMB);
  media.addEventListener('change', changed);
  return () => media.removeEventListener('change', changed);
}

const useThumb = (): boolean => useSyncExternalStore(watch, () => window.matchMedia(BY_THUMB).matches);

const LAST = 'last reading';
const KEYS = ['7', '8', '9', '/', '4', '5', '6', '-', '1', '2', '3', '.', '0'] as const;
const UNITS: readonly string[] = [' in', ' mm'];

/** A calliper that types like a keyboard presses Enter itself: the next field is ready for the next reading. */
function goOn(from: HTMLElement | null): void {
  const fields = [...document.querySelectorAll<HTMLInputElement>('input[data-read]')];
  fields[fields.findIndex((field) => from?.contains(field)) + 1]?.focus();
}

/** A field for a reading: keys of its own under a thumb, what was read last, and on to the next field by Enter. */
export function Measured({ onEnter, ...entry }: EntryProps) {
  const isThumb = useThumb();
  const around = useRef<HTMLDivElement>(null);
  const [isHere, setHere] = useState(false);
  const [isLetters, setLetters] = useState(false);
  const { focusWithinProps } = useFocusWithin({ onFocusWithinChange: setHere });
  const enter = () => {
    const reading = entry.value.trim();
    if (reading) {
      sessionStorage.setItem(LAST, reading);
    }
    onEnter?.();
    goOn(around.current);
  };
  /** A browser looks which keyboard a field wants when it gets the focus. */
  const letters = () => {
    flushSync(() => setLetters(!isLetters));
    const field = around.current?.querySelector('input');
    field?.blur();
    field?.focus();
  };
  return (
    <Around ref={around} {...focusWithinProps}>
      <Entry
        {...entry}
        large
        isRead
        inputMode={isThumb && !isLetters ? 'none' : undefined}
        onEnter={enter}
        renderBelow={(type) =>
          isThumb && isHere ? (
            <Keypad label={entry.label} value={entry.value} type={type} enter={enter} onLetters={letters} />
          ) : null
        }
      />
    </Around>
  );
}

interface KeypadProps {
  label: string;
  value: string;
  type: (value: string) => void;
  enter: () => void;
  onLetters: () => void;
}

function Keypad({ label, value, type, enter, onLetters }: KeypadProps) {
  const last = sessionStorage.getItem(LAST);
  const speech = useSpeech((said) => type(spokenSize(said)));
  return (
    <Keys role="group" aria-label={`Keys for ${label}`}>
      {KEYS.map((key) => (
        <Press key={key} onPress={() => type(value + key)}>
          {key}
        </Press>
      ))}
      {UNITS.map((unit) => (
        <Press key={unit} onPress={() => type(value.replace(/\s*(in|mm)$/, '') + unit)}>
          {unit.trim()}
        </Press>
      ))}
      <Press aria-label="Take back the last key" onPress={() => type(value.slice(0, -1))}>
        ⌫
      </Press>
      <Press data-wide onPress={() => type('target + ')}>
        target +
      </Press>
      <Press data-wide onPress={() => type('target - ')}>
        target −
      </Press>
      {last ? (
        <Press data-wide onPress={() => type(last)}>
          Last: {last}
        </Press>
      ) : null}
      {speech ? (
        <Press data-wide isDisabled={speech.isListening} onPress={speech.listen}>
          {speech.isListening ? 'Listening…' : 'Speak it'}
        </Press>
      ) : null}
      <Press data-wide onPress={onLetters}>
        Letters
      </Press>
      <Press data-wide data-kind="main" isDisabled={!value} onPress={enter}>
        Enter
      </Press>
    </Keys>
  );
}
