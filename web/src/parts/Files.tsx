import { styled } from 'styled-components';
import { Row } from './Sheet';

const Line = styled(Row)`
  gap: 0;
  a {
    min-height: 44px;
    padding: 0.6rem 0.8rem;
  }
`;

/** Drawings at 1:1 and tables as files, from one address. */
export function Files({ base }: { base: string }) {
  return (
    <Line role="group" aria-label="Drawings and tables as files">
      <strong>1:1</strong>
      <a href={`${base}/template.pdf?paper=A4`}>PDF A4</a>
      <a href={`${base}/template.pdf?paper=Letter`}>PDF Letter</a>
      <a href={`${base}/template.svg`}>SVG</a>
      <a href={`${base}/template.dxf`}>DXF</a>
      <a href={`${base}/holes.csv`}>Hole table</a>
      <a href={`${base}/specification.json`}>Specification</a>
    </Line>
  );
}
