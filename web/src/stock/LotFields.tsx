import type { KindView } from '../api/schema';
import type { Problem } from '../api/client';
import { Question, isAsked } from '../parts/Question';
import { Fields } from '../parts/Sheet';

interface LotFieldsProps {
  kind: KindView;
  /** Which of its questions: of the thing itself, of this lot, of how more is bought. */
  of: 'ITEM' | 'LOT' | 'SUPPLY';
  entries: Readonly<Record<string, string>>;
  problem?: Problem;
  onChange: (key: string, value: string) => void;
}

/** The questions of a kind of stock. */
export function LotFields({ kind, of, entries, problem, onChange }: LotFieldsProps) {
  return (
    <Fields>
      {kind.fields
        .filter((field) => field.group === of && isAsked(field, entries))
        .map((field) => (
          <Question
            key={field.key}
            field={field}
            value={entries[field.key] ?? ''}
            problem={problem?.at(field.key)}
            onChange={(value) => onChange(field.key, value)}
          />
        ))}
    </Fields>
  );
}

/** The answers that are asked for; one that was typed before its question went away is left out. */
export function asked(kind: KindView, entries: Readonly<Record<string, string>>): Record<string, string> {
  return Object.fromEntries(
    kind.fields.filter((field) => isAsked(field, entries)).map((field) => [field.key, entries[field.key] ?? '']),
  );
}
