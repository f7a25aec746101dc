import { usePieceFire } from './usePieceFire';

/** What the fire did to a piece, for its record: each fire, the last hardness test, what was left of a warp. */
export function FireRecord({ id }: { id: number }) {
  const { data } = usePieceFire(id);
  const fires = data?.fires.filter((fire) => fire.soaked) ?? [];
  const test = data?.tests[data.tests.length - 1];
  const warp = data?.warps[data.warps.length - 1];
  return (
    <>
      {fires.map((fire) => (
        <p key={fire.loadId}>
          {fire.treatment}: {fire.kiln}, {fire.heat}, soaked {fire.soaked}, {fire.left}.
        </p>
      ))}
      {test ? (
        <p>
          Hardness {test.mean}: {test.verdict}.
        </p>
      ) : null}
      {warp ? (
        <p>
          Off straight by {warp.amount} {warp.words}
          {warp.remedy ? `; ${warp.remedy.toLowerCase()}, ${warp.left} left` : ''}.
        </p>
      ) : null}
    </>
  );
}
