import { Row } from './Sheet';

/** Drawings at 1:1 and tables as files, from one address. */
export function Files({ base }: { base: string }) {
  return (
    <Row role="group" aria-label="Drawings and tables as files">
      <strong>1:1</strong>
      <a href={`${base}/template.pdf?paper=A4`}>PDF A4</a>
      <a href={`${base}/template.pdf?paper=Letter`}>PDF Letter</a>
      <a href={`${base}/template.svg`}>SVG</a>
      <a href={`${base}/template.dxf`}>DXF</a>
      <a href={`${base}/holes.csv`}>Hole table</a>
      <a href={`${base}/specification.json`}>Specification</a>
    </Row>
  );
}
