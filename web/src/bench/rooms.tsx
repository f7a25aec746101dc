import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { PieceView, StepView } from '../api/schema';
import type { Station } from '../route/useStations';
import { Drills } from './Drills';

interface AtStation {
  piece: PieceView;
  step: StepView;
}

/** What a station shows inside the page of a step: beside its title, and among what is to be done. */
export interface StationPart {
  links?: (at: AtStation) => ReactNode;
  part?: (at: AtStation) => ReactNode;
}

const ofTheFire = ({ piece }: AtStation) => <Link to={`/fire/pieces/${piece.id}`}>Hardness and warp</Link>;

/** A station that is not here does not compile; one with nothing of its own says so. */
const PARTS: Record<Station, StationPart> = {
  TABLE: {},
  LAYOUT: {},
  DRILL: { part: ({ piece }) => <Drills piece={piece} /> },
  MILL: {},
  GRINDER: {},
  FILING: {},
  FORGE: {},
  KILN: { links: ofTheFire },
  FINISHING: {},
  TANK: {},
  FITTING: {},
  GLUING: {},
  LEATHER: {},
};

/** What the station of a step adds to its page; a step elsewhere that reads or drills the same is shown it too. */
export function stationPart(step: StepView): StationPart {
  const { links, part } = PARTS[step.station];
  return {
    links: links ?? (step.targets.includes('hardness') || step.operation === 'straighten' ? ofTheFire : undefined),
    part: part ?? (step.targets.includes('pin.drill') ? PARTS.DRILL.part : undefined),
  };
}
