import type { KindView, StockFieldView } from '../api/schema';
import type { Problem } from '../api/client';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Fields } from '../parts/Sheet';

interface LotFieldsProps {
  kind: KindView;
  /** Which of its questions: of the thing itself, of this lot, of how more is bought. */
  of: StockFieldView['of'];
  entries: Readonly<Record<string, string>>;
  problem?: Problem;
  onChange: (key: string, value: string) => void;
}

/** The questions of a kind of stock. */
export function LotFields({ kind, of, entries, problem, onChange }: LotFieldsProps) {
  return (
    <Fields>
      {kind.fields
        .filter((field) => field.of === of && isAsked(field, entries))
        .map((field) => {
          const shared = {
            label: field.label,
            value: entries[field.key] ?? '',
            problem: problem?.at(field.key),
            onChange: (value: string) => onChange(field.key, value),
          };
          return field.choices.length > 0 ? (
            <Choice key={field.key} {...shared} options={field.choices} />
          ) : (
            <Entry key={field.key} {...shared} name={field.key} type={field.isDay ? 'date' : 'text'} />
          );
        })}
    </Fields>
  );
}

const isAsked = (field: StockFieldView, entries: Readonly<Record<string, string>>): boolean =>
  field.onlyWith.length === 0 || field.onlyWith.some((choice) => Object.values(entries).includes(choice));

/** The answers that are asked for; one that was typed before its question went away is left out. */
export function asked(kind: KindView, entries: Readonly<Record<string, string>>): Record<string, string> {
  return Object.fromEntries(
    kind.fields.filter((field) => isAsked(field, entries)).map((field) => [field.key, entries[field.key] ?? '']),
  );
}

/** The usual answer of every question that has one, but for what the thing is. */
export function usual(kind: KindView): Record<string, string> {
  return Object.fromEntries(
    kind.fields
      .filter((field) => field.choices.length > 0 && field.key !== 'what')
      .map((field) => [field.key, field.choices[0]?.value ?? '']),
  );
}
