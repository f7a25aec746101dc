import type { ReactNode } from 'react';
import type { FieldView } from '../api/schema';
import { Choice } from './Choice';
import { Entry } from './Entry';

interface QuestionProps {
  field: FieldView;
  value: string;
  onChange: (value: string) => void;
  problem?: string;
  /** What was understood, or a hint. */
  echo?: ReactNode;
  /** What is possible and unlikely in it. */
  doubt?: string;
  onEnter?: () => void;
}

/** One question of whatever form: chosen where there are choices, written where there are none. */
export function Question({ field, value, onChange, problem, echo, doubt, onEnter }: QuestionProps) {
  return field.choices.length > 0 ? (
    <Choice label={field.label} value={value} options={field.choices} onChange={onChange} problem={problem} />
  ) : (
    <Entry
      label={field.label}
      name={field.key}
      type={field.isDay ? 'date' : 'text'}
      value={value}
      onChange={onChange}
      problem={problem}
      echo={echo}
      doubt={doubt}
      onEnter={onEnter}
    />
  );
}

/** What a form starts with. */
export const usualOf = (fields: readonly FieldView[]): Record<string, string> =>
  Object.fromEntries(fields.map((field) => [field.key, field.usual]));

/** Whether a question is asked beside what is answered already. */
export const isAsked = (field: FieldView, entries: Readonly<Record<string, string>>): boolean =>
  field.onlyWith.length === 0 || field.onlyWith.some((choice) => Object.values(entries).includes(choice));
