import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { change, read } from '../api/client';
import { usualOf } from '../parts/Question';
import type {
  AskedBillet,
  BilletPage,
  BilletReading,
  Forge,
  ForgeQuestions,
  StepEntries,
  WorkView,
} from '../api/schema';

const PAUSE_MS = 200;

export function useForge() {
  return useQuery({ queryKey: ['forge', 'all'], queryFn: () => read<Forge>('/api/forge') });
}

/** What a recipe can be made of. */
export function useForgeQuestions() {
  return useQuery({ queryKey: ['forge', 'questions'], queryFn: () => read<ForgeQuestions>('/api/forge/questions') });
}

export function useBillet(id: number) {
  return useQuery({
    queryKey: ['forge', 'billet', id],
    queryFn: () => read<BilletPage>(`/api/forge/billets/${id}`),
    enabled: Number.isFinite(id),
  });
}

/**
 * What comes of a recipe as it is typed, a moment after the last keystroke, and whether it is of what stands there now;
 * an answer that comes late is dropped.
 */
export function useBilletReading(asked: AskedBillet) {
  const [known, setKnown] = useState<{ of: AskedBillet; reading: BilletReading } | undefined>();
  useEffect(() => {
    let isCurrent = true;
    const timer = window.setTimeout(() => {
      change<BilletReading>('/api/forge/read', asked).then(
        (reading) => isCurrent && setKnown({ of: asked, reading }),
        () => undefined,
      );
    }, PAUSE_MS);
    return () => {
      isCurrent = false;
      window.clearTimeout(timer);
    };
  }, [asked]);
  return { reading: known?.reading, isCurrent: known?.of === asked };
}

/** A work with its usual answers. */
export const usualStep = (work: WorkView): StepEntries => ({
  work: work.work,
  entries: usualOf(work.fields),
});

/** A plain recipe to begin with: a stack of two steels, welded, cropped, drawn out; for the blade of a piece where one is named. */
export function usualBillet({ works, waiting }: ForgeQuestions, pieceId: number): AskedBillet {
  const steps = ['STACK', 'WELD', 'CROP', 'DRAW'].flatMap((name) =>
    works.filter((work) => work.work === name).map(usualStep),
  );
  const draw = steps[3];
  const piece = waiting.find((each) => each.pieceId === pieceId);
  return {
    name: piece ? `For ${piece.piece} ${piece.title}` : '',
    steps: draw
      ? [
          ...steps.slice(0, 3),
          { work: 'DRAW', entries: { ...draw.entries, toThickness: '3/8 in', toWidth: '1-1/2 in' } },
        ]
      : steps,
    blades: '1',
    thickness: piece?.thickness ?? '1/4 in',
    width: piece?.width ?? '1-1/2 in',
    length: piece?.length ?? '10 in',
    pieceId: piece?.pieceId ?? 0,
    paid: '',
  };
}
