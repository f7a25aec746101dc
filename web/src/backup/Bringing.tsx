import { useState } from 'react';
import { bring } from '../api/client';
import { PickFile } from '../parts/PickFile';
import { Press } from '../parts/Press';

interface BringingProps<T> {
  path: string;
  accepts: readonly string[];
  isDisabled: boolean;
  /** Runs what is sent and shows why it failed. */
  run: (work: () => Promise<void>) => Promise<unknown>;
  onBrought: (brought: T) => void | Promise<void>;
  children: string;
}

/** Asks for a file and sends it, with how far it is and a way to stop it. */
export function Bringing<T>({ path, accepts, isDisabled, run, onBrought, children }: BringingProps<T>) {
  const [stop, setStop] = useState<AbortController | undefined>();
  const [part, setPart] = useState(0);
  const take = (file: File) =>
    void run(async () => {
      const stopping = new AbortController();
      setPart(0);
      setStop(stopping);
      try {
        await onBrought(await bring<T>(path, file, setPart, stopping.signal));
      } finally {
        setStop(undefined);
      }
    });
  return (
    <>
      <PickFile accepts={accepts} isDisabled={isDisabled} onPicked={take}>
        {children}
      </PickFile>
      {stop ? (
        <>
          <progress aria-label="The file on its way" value={part} />
          <span>{part < 1 ? `${Math.round(part * 100)} %` : 'It is looked through'}</span>
          <Press onPress={() => stop.abort()}>Stop it</Press>
        </>
      ) : null}
    </>
  );
}
