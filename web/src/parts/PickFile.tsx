import type { ReactNode } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Press } from './Press';

/** A tablet takes a picture on the spot. */
export const PICTURES = ['image/*'];

interface PickFileProps {
  accepts: readonly string[];
  isDisabled?: boolean;
  isLarge?: boolean;
  onPicked: (file: File) => void;
  children: ReactNode;
}

/** A press that asks for one file. */
export function PickFile({ accepts, isDisabled, isLarge, onPicked, children }: PickFileProps) {
  const pick = (files: FileList | null) => {
    const file = files?.[0];
    if (file) {
      onPicked(file);
    }
  };
  return (
    <FileTrigger acceptedFileTypes={accepts} onSelect={pick}>
      <Press data-large={isLarge || undefined} isDisabled={isDisabled}>
        {children}
      </Press>
    </FileTrigger>
  );
}
