import { type ReactNode, useState } from 'react';
import { Press } from '../parts/Press';

/** The first of a long list, and the button that shows the rest of it. */
export function useFolded<T>(all: readonly T[], first = Infinity): { some: readonly T[]; more: ReactNode } {
  const [isOpen, setOpen] = useState(false);
  const isLong = all.length > first;
  return {
    some: isOpen ? all : all.slice(0, first),
    more: isLong ? (
      <div>
        <Press onPress={() => setOpen(!isOpen)}>{isOpen ? 'Fewer' : `All ${all.length}`}</Press>
      </div>
    ) : null,
  };
}
