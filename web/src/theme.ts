/** Pale paper, near-black ink, layout blue with scribed lines, manila tags. Contrast is checked by the browser tests. */
export const theme = {
  paper: '#eeece6',
  sheet: '#faf9f6',
  ink: '#17191c',
  quiet: '#4d5257',
  line: '#bdb9ae',
  blue: '#12335c',
  blueDeep: '#0b2342',
  scribe: '#e8f0fa',
  scribeQuiet: '#b9cde4',
  manila: '#f0dcae',
  manilaEdge: '#c7a968',
  alarm: '#8a1f11',
  alarmPaper: '#fbe4dc',
  good: '#1d5a34',
  focus: '#b35900',
  label: "'Barlow Semi Condensed', 'Noto Sans', 'Arial Narrow', sans-serif",
  text: "'Atkinson Hyperlegible', 'Noto Sans', Verdana, sans-serif",
} as const;

export type Theme = typeof theme;
