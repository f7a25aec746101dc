import type { SheathView } from '../api/schema';
import { Answer } from '../parts/Answer';
import { Quiet, Row, Section } from '../parts/Sheet';
import { Picture } from './Picture';
import { OnBlue, PartsOfIt } from './Sheath.styles';

/** The knife in its sheath, every part as it is cut out, and the templates at 1:1. */
export function Cutting({ sheath }: { sheath: SheathView }) {
  const file = (kind: string) => `/api/pieces/${sheath.id}/files/sheath-template.${kind}`;
  return (
    <Section aria-label="The sheath as it is cut">
      <OnBlue>
        <Picture frame={sheath.frame} marks={sheath.marks} label={`${sheath.pieceName} in its sheath`} />
      </OnBlue>
      <p>
        {sheath.leather}. {sheath.seam}.
      </p>
      <Row role="group" aria-label="Templates at 1:1">
        <strong>Templates at 1:1</strong>
        <a href={file('pdf?paper=A4')}>PDF A4</a>
        <a href={file('pdf?paper=Letter')}>PDF Letter</a>
        <a href={file('svg')}>SVG</a>
        <a href={file('dxf')}>DXF</a>
      </Row>
      <OnBlue>
        <PartsOfIt>
          {sheath.parts.map((part) => (
            <li key={part.name}>
              <Picture frame={part.frame} marks={part.marks} label={part.name} />
              <strong>{part.name}</strong>
              <div>
                {part.size}
                {part.holes > 0 ? `, ${part.holes} holes` : ''}
              </div>
            </li>
          ))}
        </PartsOfIt>
      </OnBlue>
      {sheath.numbers.map((number) => (
        <Answer key={number.label} label={number.label} worked={number.worked} />
      ))}
      <Quiet>A cut that is asked for otherwise is changed in the piece’s specification, under Sheath.</Quiet>
    </Section>
  );
}
