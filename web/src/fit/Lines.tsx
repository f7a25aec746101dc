import type { FitLineView } from '../api/schema';
import { Answer } from '../parts/Answer';

/** Numbers, each with its arithmetic. */
export function Lines({ lines }: { lines: readonly FitLineView[] }) {
  return (
    <>
      {lines.map((line) => (
        <Answer key={line.label} label={line.label} worked={line.worked} />
      ))}
    </>
  );
}
