import { Link } from 'react-router';
import { Cutting } from './Cutting';
import { Trial } from './Trial';
import { useSheath } from './useSheath';

/** Steps at which the pattern is looked at. */
const BY_THE_PATTERN: readonly string[] = [
  'cut-leather',
  'cut-sheet',
  'sheath-inside',
  'trial-fit-sheath',
  'stitch-sheath',
  'set-eyelets',
  'trim-sheath',
];

/** A sheath at the leather bench, as its step's page shows it. */
export function SheathBenchPart({ piece, step }: { piece: number; step: string }) {
  const { data: sheath } = useSheath(piece);
  if (!sheath) {
    return null;
  }
  return (
    <>
      <h2>The sheath: {sheath.state.toLowerCase()}</h2>
      {step === 'trial-fit-sheath' ? <Trial sheath={sheath} /> : null}
      {BY_THE_PATTERN.includes(step) ? <Cutting sheath={sheath} /> : null}
      <Link to={`/sheath?piece=${piece}`}>{sheath.pieceName} on the leather bench’s page</Link>
    </>
  );
}
