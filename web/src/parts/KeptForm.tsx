import { useState } from 'react';
import { change } from '../api/client';
import type { FieldView, Receipt } from '../api/schema';
import { useCaught } from './Caught';
import { Press } from './Press';
import { Question, isAsked, usualOf } from './Question';
import { Refused } from './Refused';
import { Fields, Row } from './Sheet';

interface KeptFormProps {
  address: string;
  fields: readonly FieldView[];
  entries?: Readonly<Record<string, string>>;
  basedOn: number;
  words: string;
  onKept: (receipt: Receipt) => void;
  onLeave: () => void;
}

/** What is written down of something of the shop's own, question by question. */
export function KeptForm({ address, fields, entries, basedOn, words, onKept, onLeave }: KeptFormProps) {
  const [typed, type] = useState<Record<string, string>>(entries ? { ...entries } : usualOf(fields));
  const { problem, isBusy, run } = useCaught();
  const asked = fields.filter((field) => isAsked(field, typed));
  const keep = () =>
    void run(async () => {
      const sent = Object.fromEntries(asked.map((field) => [field.key, typed[field.key] ?? '']));
      onKept(await change(address, { entries: sent, basedOn }));
    });
  return (
    <>
      {[...new Set(asked.map((field) => field.group))].map((group) => (
        <section key={group} aria-label={group}>
          <h3>{group}</h3>
          <Fields>
            {asked
              .filter((field) => field.group === group)
              .map((field) => (
                <Question
                  key={field.key}
                  field={field}
                  value={typed[field.key] ?? ''}
                  onChange={(value) => type({ ...typed, [field.key]: value })}
                  problem={problem?.at(field.key)}
                />
              ))}
          </Fields>
        </section>
      ))}
      <Refused problem={problem} />
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
          {words}
        </Press>
        <Press onPress={onLeave}>Leave it</Press>
      </Row>
    </>
  );
}
