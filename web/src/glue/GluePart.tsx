import { useState } from 'react';
import { Link } from 'react-router';
import { DryRun } from './DryRun';
import { MixClock } from './MixClock';
import { Mixing } from './Mixing';
import { useGlue, type Reckoned } from './useGlue';

const USUAL: Reckoned = { sheet: '', temperature: '', scaleStep: '' };

/** Steps at which something is mixed now, or was just mixed. */
const MIXES: readonly string[] = ['bed-handle', 'glue-handle'];

/** A piece at the gluing bench, as its step's page shows it. */
export function GluePart({ piece, step }: { piece: number; step: string }) {
  const [reckoned, setReckoned] = useState(USUAL);
  const { data: glue } = useGlue(piece, reckoned);
  if (!glue) {
    return null;
  }
  const clock = glue.mixes[0];
  const isMixing = MIXES.includes(step) || step === 'clean-for-glue';
  return (
    <>
      <h2>The glue-up</h2>
      {clock ? <MixClock mix={clock} /> : null}
      {step === 'dry-fit' || isMixing ? <DryRun glue={glue} /> : null}
      {isMixing ? <Mixing glue={glue} reckoned={reckoned} onReckoned={setReckoned} /> : null}
      <Link to={`/glue?piece=${piece}`}>{glue.pieceName} on the gluing bench’s page</Link>
    </>
  );
}
