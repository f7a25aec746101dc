import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { PieceView, StepView } from '../api/schema';
import type { Station } from '../route/useStations';
import { GrindPart } from '../grind/GrindPart';
import { SharpenPart } from '../grind/SharpenPart';
import { Holes } from '../machine/Holes';
import { MillPart } from '../machine/MillPart';
import { MarkPart } from '../etch/MarkPart';
import { MaskPart } from '../etch/MaskPart';
import { TankPart } from '../etch/TankPart';
import { FitPart } from '../fit/FitPart';
import { GrainOf } from '../fit/GrainOf';
import { Scales } from '../fit/Scales';
import { Shaping } from '../fit/Shaping';
import { GluePart } from '../glue/GluePart';
import { SheathBenchPart } from '../sheath/SheathBenchPart';
import { Drills } from './Drills';

/** What a station shows of a piece: beside the title, and among what is to be done. */
export interface StationPart {
  links?: (piece: PieceView) => ReactNode;
  part?: (piece: PieceView, step?: string) => ReactNode;
}

const FIRE: StationPart = { links: (piece) => <Link to={`/fire/pieces/${piece.id}`}>Hardness and warp</Link> };
const DRILLS: StationPart = {
  part: (piece) => (
    <>
      <Drills piece={piece} />
      <Holes piece={piece.id} />
    </>
  ),
};
const MILL: StationPart = { part: (piece) => <MillPart piece={piece} /> };

const TANK: StationPart = { part: (piece) => <TankPart piece={piece} /> };

const GRIND: StationPart = { part: (piece) => <GrindPart piece={piece} /> };

/** A station that is not here does not compile; one with nothing of its own says so. */
export const PARTS: Record<Station, StationPart> = {
  TABLE: {},
  LAYOUT: {},
  DRILL: DRILLS,
  MILL,
  GRINDER: GRIND,
  FILING: {},
  FORGE: {},
  KILN: FIRE,
  FINISHING: {},
  TANK,
  FITTING: {},
  GLUING: {},
  LEATHER: { part: (piece, step) => <SheathBenchPart piece={piece.id} step={step ?? ''} /> },
};

/** What a step shows that is done elsewhere, and looks at the same. */
const MARKED: Record<StepView['marks'][number], StationPart> = {
  DRILLS_FOR_PINS: DRILLS,
  LOOKS_AT_THE_FIRE: FIRE,
  READS_WHOLE_BRIEF: {},
  HANDS_OVER: {},
  GRINDS_BEVELS: GRIND,
  PROVES_HOLES: { part: (piece) => <Holes piece={piece.id} /> },
  ETCHES: TANK,
  MARKS: { part: (piece) => <MarkPart piece={piece} /> },
  MASKS: { part: (piece) => <MaskPart piece={piece.id} /> },
  FITS: { part: (piece, step) => <FitPart piece={piece.id} step={step ?? ''} /> },
  GLUES: { part: (piece, step) => <GluePart piece={piece.id} step={step ?? ''} /> },
  SCALES: {
    part: (piece, step) => (
      <>
        <Scales piece={piece.id} />
        {step === 'flatten-scales' ? <GrainOf piece={piece.id} /> : null}
      </>
    ),
  },
  SHAPES: { part: (piece) => <Shaping piece={piece.id} /> },
  SHARPENS: { part: (piece) => <SharpenPart piece={piece} /> },
};

/** Stations whose picture belongs to some of their steps only: those that are marked. */
const ONLY_MARKED: readonly Station[] = ['GRINDER', 'TANK'];

/** What the station of a step, and the kinds of its work, add to its page; each once. */
export function stationParts(step: StepView): readonly StationPart[] {
  const own = ONLY_MARKED.includes(step.station) ? [] : [PARTS[step.station]];
  return [...new Set([...own, ...step.marks.map((mark) => MARKED[mark])])];
}
