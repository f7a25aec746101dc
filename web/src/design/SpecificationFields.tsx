import { styled } from 'styled-components';
import { findingWords } from '../api/client';
import type { FieldView, Reading } from '../api/schema';
import { Question } from '../parts/Question';
import { equals } from '../parts/words';
import { useQuestions } from './useDesign';

const Group = styled.fieldset`
  border: none;
  padding: 0;
  margin: 0;
  legend {
    font-family: ${({ theme }) => theme.label};
    font-weight: 600;
    font-size: 1.2rem;
    padding: 0.4rem 0;
  }
  > div {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(205px, 1fr));
    gap: 0.6rem 1rem;
    align-items: start;
  }
`;

/** The questions that the drawing answers better: sizes of outline and section, which follow from others until somebody changes them. */
export const DRAWN_GROUPS: readonly string[] = [
  'Blade outline',
  'Section',
  'Handle outline',
  'Handle section',
  'Tang and fittings',
];

interface SpecificationFieldsProps {
  /** Only these groups, or all but the drawn ones. */
  groups?: readonly string[];
  entries: Record<string, string>;
  reading?: Reading;
  onChange: (field: string, value: string) => void;
}

/** The questions that belong to this knife, each with what was understood or what is wrong. */
export function SpecificationFields({ groups: wanted, entries, reading, onChange }: SpecificationFieldsProps) {
  const { data } = useQuestions();
  const asked = new Set(reading?.asked ?? []);
  const fields = (data?.fields ?? []).filter(
    (field) => asked.has(field.key) && (wanted ? wanted.includes(field.group) : true),
  );
  const groups = [...new Set(fields.map((field) => field.group))];
  return (
    <>
      {groups.map((group) => (
        <Group key={group}>
          <legend>{group}</legend>
          <div>
            {fields
              .filter((field) => field.group === group)
              .map((field) => (
                <Question
                  key={field.key}
                  field={field}
                  value={entries[field.key] ?? ''}
                  onChange={(value) => onChange(field.key, value)}
                  {...said(field, entries[field.key] ?? '', reading)}
                />
              ))}
          </div>
        </Group>
      ))}
    </>
  );
}

/** What is said beside a question: what was understood, or would be taken, and what is wrong. */
function said(field: FieldView, value: string, reading?: Reading) {
  const finding = reading?.findings.find((each) => each.field === field.key && each.given === value);
  const understood = reading?.understood[field.key];
  return {
    problem: finding ? findingWords(finding) : undefined,
    echo: understood ? `${equals(understood)}${value === '' ? ', as usual' : ''}` : field.accepted,
    doubt: reading?.doubts[field.key],
  };
}
