const BRIGHT = [214, 218, 222] as const;
const DARK = [42, 43, 46] as const;

/** The colour of steel that was etched so dark, from 0 to 100. */
export function toneColour(darkness: number): string {
  const part = (index: 0 | 1 | 2) => Math.round(BRIGHT[index] + ((DARK[index] - BRIGHT[index]) * darkness) / 100);
  return `rgb(${part(0)} ${part(1)} ${part(2)})`;
}
