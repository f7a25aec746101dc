import type { AdviceView, Drawing } from '../api/schema';

/** What part of the drawing's plane is seen, in millimetres. */
export interface Frame {
  x: number;
  y: number;
  width: number;
  height: number;
}

const ROOM = 12;
const ROOM_BELOW = 20;
/** A knife is drawn no flatter than this, so that a slim one still leaves room for fingers. */
const FLATTEST = 0.22;

/** The drawing with room around it for grips and lengths. */
export function frame(drawing: Drawing): Frame {
  const left = Math.min(drawing.minX, drawing.buttX) - ROOM;
  const width = drawing.minX + drawing.width - left + ROOM;
  const height = Math.max(drawing.height + ROOM + ROOM_BELOW, width * FLATTEST);
  const spare = height - (drawing.height + ROOM + ROOM_BELOW);
  return { x: left, y: drawing.minY - ROOM - spare / 2, width, height };
}

/** What the client has not been told yet. */
export const openMatters = (advice: readonly AdviceView[]): AdviceView[] => advice.filter((each) => !each.said);

/** What the client has given their word on. */
export const saidMatters = (advice: readonly AdviceView[]): AdviceView[] => advice.filter((each) => each.said);

/** What is to be said of the knife as it is drawn now, with what the client said already of the knife as it was kept. */
export function advised(kept: readonly AdviceView[], now: readonly AdviceView[] | undefined): readonly AdviceView[] {
  return now?.map((each) => kept.find((before) => before.matter === each.matter && before.said) ?? each) ?? kept;
}
